/** The addresses of lists that are taken in whole. */
import { MOST_LIST_BYTES } from '../runtime/http/limits';
import { wakeOutlooks } from '../projections/due/background';
import { hiding } from './hiding';
import { inScope } from './in-scope';
import { readBody } from '../runtime/http/read-body';
import { listIntakes, setIntakeUndone } from '../records/intakes/repository';
import { takeInList } from '../exchange/lists/take-in';
import { type ListInput, listInputSchema } from '../exchange/lists/schemas';

/** A list has so many values at most: 5,000 plants with all that is said of them. */
const MOST_VALUES = 150_000;
/** Thousands of plants are written in some seconds. */
const LONGEST_MS = 30_000;

export async function postList(request: Request): Promise<Response> {
  const body = await readBody<ListInput>(request, listInputSchema, {
    mostBytes: MOST_LIST_BYTES,
    mostValues: MOST_VALUES,
  });
  if (body.status === 'refused') return body.response;
  return inScope(
    async ({ em, scope }) => {
      const { status, id, plants } = await takeInList(em, scope, body.value);
      wakeOutlooks();
      return Response.json({ id, plants }, { status: status === 'taken in' ? 201 : 200 });
    },
    { longestMs: LONGEST_MS },
  );
}

export async function getLists(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listIntakes(em, scope)));
}

export const { putAway: undoList, bringBack: redoList } = hiding('list', ({ em, scope }, id, undoneAt) =>
  setIntakeUndone(em, scope, id, undoneAt),
);
