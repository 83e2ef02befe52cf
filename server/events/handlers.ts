/** The addresses of a plant's life: what was done to it, and taking an entry away or back. */
import { metricWords, titleOf } from '@core/words';
import { hiding } from '../http/hiding';
import { inScope, type Inside } from '../http/in-scope';
import { changedMeanwhile, notFound } from '../http/problem';
import { readAsked } from '../http/read-body';
import { plantLog } from '../plants/repository';
import type { Recorded } from './keep';
import { recordInspection, recordLook, recordPotting, setEventHidden } from './repository';
import { inspectionInputSchema, lookInputSchema, pottingInputSchema } from './schemas';

/** What was recorded, as the plant's log with it; 200 where it was known already. */
async function answerWithLog({ em, scope }: Inside, recorded: Recorded, sent: SentName): Promise<Response> {
  if (recorded.status === 'no such plant') return notFound('plant');
  if (recorded.status === 'changed meanwhile') return changedMeanwhile('plant', recorded.current, sent);
  const log = await plantLog(em.fork(), scope, recorded.plantId);
  return log ? Response.json(log, { status: recorded.status === 'recorded' ? 201 : 200 }) : notFound('plant');
}

interface SentName {
  readonly name: string;
  readonly version?: number | undefined;
}

export async function postInspection(request: Request): Promise<Response> {
  const body = await readAsked(request, inspectionInputSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async (inside) =>
    answerWithLog(inside, await recordInspection(inside.em, inside.scope, body.value), { name: body.value.plantName }),
  );
}

export async function postLook(request: Request): Promise<Response> {
  const body = await readAsked(request, lookInputSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async (inside) =>
    answerWithLog(inside, await recordLook(inside.em, inside.scope, body.value), { name: body.value.plantName }),
  );
}

export async function postPotting(request: Request): Promise<Response> {
  const body = await readAsked(request, pottingInputSchema);
  if (body.status === 'refused') return body.response;
  const input = body.value;
  return inScope(async (inside) => {
    const recorded = await recordPotting(inside.em, inside.scope, input, titleOf(input.spec, metricWords));
    return answerWithLog(inside, recorded, { name: input.plantName, version: input.plantVersion });
  });
}

export const { putAway: putEventAway, bringBack: bringEventBack } = hiding('log entry', ({ em, scope }, id, hiddenAt) =>
  setEventHidden(em, scope, id, hiddenAt),
);
