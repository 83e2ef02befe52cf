/** The addresses of a plant's life: what was done to it, and taking an entry away or back. */
import { metricWords, titleOf } from '@core/words';
import { hiding } from '../http/hiding';
import { inScope } from '../http/in-scope';
import { changedMeanwhile, notFound } from '../http/problem';
import { readAsked } from '../http/read-body';
import { plantLog } from '../plants/repository';
import { recordPotting, setEventHidden } from './repository';
import { pottingInputSchema } from './schemas';

export async function postPotting(request: Request): Promise<Response> {
  const body = await readAsked(request, pottingInputSchema);
  if (body.status === 'refused') return body.response;
  const input = body.value;
  return inScope(async ({ em, scope }) => {
    const recorded = await recordPotting(em, scope, input, titleOf(input.spec, metricWords));
    if (recorded.status === 'no such plant') return notFound('plant');
    if (recorded.status === 'changed meanwhile') {
      return changedMeanwhile('plant', recorded.current, { name: input.plantName, version: input.plantVersion });
    }
    const log = await plantLog(em.fork(), scope, recorded.plantId);
    return log ? Response.json(log, { status: recorded.status === 'recorded' ? 201 : 200 }) : notFound('plant');
  });
}

export const { putAway: putPottingAway, bringBack: bringPottingBack } = hiding(
  'log entry',
  ({ em, scope }, id, hiddenAt) => setEventHidden(em, scope, id, hiddenAt),
);
