/** The addresses of potting days. */
import type { DayKept } from '@core';
import { metricWords, titleOf } from '@core/words';
import { wakeOutlooks } from '../projections/due/background';
import { type ById, hiding } from './hiding';
import { isId } from '../runtime/http/ids';
import { inScope } from './in-scope';
import { changedMeanwhile, notFound, problem } from '../runtime/http/problem';
import { readAsked, readBody } from '../runtime/http/read-body';
import { seenVersionOf } from '../runtime/http/seen-version';
import { dayOf, keepEntry, listDays, saveDay, setDayHidden } from '../records/days/repository';
import { dayEntryInputSchema, savedDaySchema } from '../records/days/schemas';

export async function getDays(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listDays(em, scope)));
}

export async function getDay(_request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('potting day');
  return inScope(async ({ em, scope }) => {
    const day = await dayOf(em, scope, id);
    return day ? Response.json(day, { headers: { etag: `"${day.version}"` } }) : notFound('potting day');
  });
}

/** Makes a day under the id that its writer chose, or changes it. */
export async function putDay(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  const body = await readBody<DayKept>(request, savedDaySchema);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('potting day');
  return inScope(async ({ em, scope }) => {
    const saved = await saveDay(em, scope, id, body.value, seenVersionOf(request));
    switch (saved.status) {
      case 'taken':
        return notFound('potting day');
      case 'changed meanwhile':
        return changedMeanwhile('potting day', { day: saved.current, version: saved.version }, { day: body.value });
      case 'made':
      case 'changed': {
        const headers = { etag: `"${saved.version}"` };
        return Response.json({ id, version: saved.version }, { status: saved.status === 'made' ? 201 : 200, headers });
      }
    }
  });
}

export async function postDayEntry(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  const body = await readAsked(request, dayEntryInputSchema);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('potting day');
  return inScope(async ({ em, scope }) => {
    const kept = await keepEntry(em, scope, id, body.value, (spec) => titleOf(spec, metricWords));
    switch (kept.status) {
      case 'no such day':
        return notFound('potting day');
      case 'no such plant':
        return notFound('plant');
      case 'no such stock':
        return problem(404, 'Some of this stock is not there. Nothing was kept.');
      case 'not in the day':
        return problem(422, 'That plant is not in this potting day. Nothing was kept.');
      case 'faulty':
        return problem(422, 'Some values cannot be used.', [{ path: kept.path, message: 'cannot be used' }]);
      case 'kept':
      case 'known already': {
        wakeOutlooks();
        const day = await dayOf(em.fork(), scope, id);
        return day ? Response.json(day, { status: kept.status === 'kept' ? 201 : 200 }) : notFound('potting day');
      }
    }
  });
}

export const { putAway: putDayAway, bringBack: bringDayBack } = hiding('potting day', ({ em, scope }, id, hiddenAt) =>
  setDayHidden(em, scope, id, hiddenAt),
);
