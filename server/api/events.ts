/** The addresses of a plant's life: what was done to it, and taking an entry away or back. */
import { dayNeedOf } from '@core';
import { metricWords, titleOf } from '@core/words';
import { wakeOutlooks } from '../projections/due/background';
import { type ById, hiding } from './hiding';
import { isId } from '../runtime/http/ids';
import { inScope, type Inside } from './in-scope';
import { changedMeanwhile, notFound, problem } from '../runtime/http/problem';
import { readAsked, readBody } from '../runtime/http/read-body';
import { seenVersionOf } from '../runtime/http/seen-version';
import { plantLog } from '../projections/plants/plant-log';
import type { PlantLog } from '../projections/plants/schemas';
import type { Recorded } from '../records/journal/append';
import { daysFollowPlans } from '../records/days/follow-plan';
import { correctEvent, correctPotting, type Corrected, eventBefore } from '../records/journal/correct';
import { type Correction, correctionSchema } from '../records/journal/correct-schemas';
import { setEventHidden } from '../records/journal/hide';
import { plantOfPlan } from '../records/journal/plans-of-plant';
import { NoSuchStockError } from '../records/stock/repository';
import { recordInspection, recordSignCheck, recordPlan, recordPotting } from '../records/journal/record';
import {
  inspectionInputSchema,
  signCheckInputSchema,
  planInputSchema,
  pottingInputSchema,
  pottingRightSchema,
} from '../records/journal/schemas';

const noSuchStock = (): Response => problem(404, 'Some of this stock is not there. Nothing was kept.');

/** Potting days follow what is planned for a plant. */
async function followPlans({ em, scope }: Inside, log: PlantLog): Promise<void> {
  const { id: plantId, name, planned, needs } = log;
  await daysFollowPlans(em.fork(), scope, { plantId, name, openId: planned?.id ?? null, ...dayNeedOf(needs) });
}

/** What was recorded, as the plant's log with it; 200 where it was known already. */
async function answerWithLog(inside: Inside, recorded: Recorded, sent: SentName): Promise<Response> {
  if (recorded.status === 'no such plant') return notFound('plant');
  if (recorded.status === 'no such stock') return noSuchStock();
  if (recorded.status === 'changed meanwhile') return changedMeanwhile('plant', recorded.current, sent);
  wakeOutlooks();
  const log = await plantLog(inside.em.fork(), inside.scope, recorded.plantId);
  if (log && log.plans.length > 0) await followPlans(inside, log);
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

export async function postSignCheck(request: Request): Promise<Response> {
  const body = await readAsked(request, signCheckInputSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async (inside) =>
    answerWithLog(inside, await recordSignCheck(inside.em, inside.scope, body.value), { name: body.value.plantName }),
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

export async function postPlan(request: Request): Promise<Response> {
  const body = await readAsked(request, planInputSchema);
  if (body.status === 'refused') return body.response;
  const input = body.value;
  return inScope(async (inside) => {
    const recorded = await recordPlan(inside.em, inside.scope, input, titleOf(input.spec, metricWords));
    return answerWithLog(inside, recorded, { name: input.plantName });
  });
}

/** What a plant was potted in is put right; what the entry said before stays readable in its history. */
export async function putPotting(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  const body = await readAsked(request, pottingRightSchema);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('log entry');
  const right = body.value;
  return inScope(async (inside) => {
    const title = titleOf(right.spec, metricWords);
    const { note, pottedOn: happenedOn } = right;
    try {
      const corrected = await correctPotting(inside.em, inside.scope, id, right, title, seenVersionOf(request));
      return await answerCorrected(inside, corrected, { happenedOn, note });
    } catch (error) {
      if (error instanceof NoSuchStockError) return noSuchStock();
      throw error;
    }
  });
}

export const { putAway: putEventAway, bringBack: bringEventBack } = hiding(
  'log entry',
  async (inside, id, hiddenAt) => {
    const { em, scope } = inside;
    const isThere = await setEventHidden(em, scope, id, hiddenAt);
    const plantId = isThere ? await plantOfPlan(em.fork(), scope, id) : null;
    const log = plantId === null ? null : await plantLog(em.fork(), scope, plantId);
    if (log) await followPlans(inside, log);
    return isThere;
  },
);

/** Puts another day or note into an entry; what it said before stays readable in its history. */
export async function putEvent(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  const body = await readBody<Correction>(request, correctionSchema);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('log entry');
  return inScope(async (inside) => {
    const { em, scope } = inside;
    const corrected = await correctEvent(em, scope, id, body.value, seenVersionOf(request));
    return answerCorrected(inside, corrected, body.value);
  });
}

async function answerCorrected(inside: Inside, corrected: Corrected, sent: Correction): Promise<Response> {
  switch (corrected.status) {
    case 'no such entry':
      return notFound('log entry');
    case 'cannot be said of it':
      return problem(422, `An entry of the kind “${corrected.kind}” cannot say that. Nothing was changed.`);
    case 'changed meanwhile':
      return changedMeanwhile('log entry', { ...corrected.current, version: corrected.version }, sent);
    case 'corrected': {
      wakeOutlooks();
      const log = await plantLog(inside.em.fork(), inside.scope, corrected.plantId);
      if (log && log.plans.length > 0) await followPlans(inside, log);
      return log ? Response.json(log, { headers: { etag: `"${corrected.version}"` } }) : notFound('plant');
    }
  }
}

export async function getEventHistory(_request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('log entry');
  return inScope(async ({ em, scope }) => {
    const history = await eventBefore(em, scope, id);
    return history ? Response.json(history) : notFound('log entry');
  });
}
