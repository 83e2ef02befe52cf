/** Lists taken in whole. Apart from the one client, since the first screen does without it. */
import { type ListInput, type TakenIn, takenInSchema } from '@server/exchange/lists/schemas';
import { type Intakes, intakesSchema } from '@server/records/intakes/schemas';
import { ask, understood } from './ask';
import { call } from './browser/transport';

export const listCalls = {
  intakes: (): Promise<Intakes> => ask(intakesSchema, '/api/lists'),
  /**
   * A whole list at once. It is too large to wait in this browser: where the server is not reached it is sent again by hand,
   * and kept once by its key.
   */
  takeInList: async (form: ListInput): Promise<TakenIn> =>
    understood(takenInSchema, await call('POST', '/api/lists', { body: form })),
};
