/** The places' addresses. */
import { hiding, type ById } from './hiding';
import { isId } from '../runtime/http/ids';
import { inScope } from './in-scope';
import { onceKeyOf } from '../runtime/http/idempotency-key';
import { pageOf } from '../runtime/http/page';
import { changedMeanwhile, notFound } from '../runtime/http/problem';
import { readBody } from '../runtime/http/read-body';
import { seenVersionOf } from '../runtime/http/seen-version';
import { wakeOutlooks } from '../projections/due/background';
import { changePlaceOfPlants } from '../records/journal/change-place';
import { listPlaces, savePlaceOnce, setPlaceHidden } from '../records/places/repository';
import { wholePlaceSchema } from '../records/places/schemas';

export async function getPlaces(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listPlaces(em, scope, pageOf(request))));
}

export async function postPlace(request: Request): Promise<Response> {
  const body = await readBody(request, wholePlaceSchema);
  if (body.status === 'refused') return body.response;
  const once = onceKeyOf(request);
  if (once.status === 'refused') return once.response;
  return inScope(async ({ em, scope }) => {
    const { kept, wasKnown } = await savePlaceOnce(em, scope, body.value, once.key);
    return Response.json(kept, { status: wasKnown ? 200 : 201 });
  });
}

export async function putPlace(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  const body = await readBody(request, wholePlaceSchema);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('place');
  return inScope(async ({ em, scope }) => {
    const changed = await changePlaceOfPlants(em, scope, id, body.value, seenVersionOf(request));
    switch (changed.status) {
      case 'no such place':
        return notFound('place');
      case 'changed meanwhile':
        return changedMeanwhile('place', { place: changed.current, version: changed.version }, { place: body.value });
      case 'changed':
        // What stands there dries otherwise.
        wakeOutlooks();
        return Response.json(changed.place, { headers: { etag: `"${changed.version}"` } });
    }
  });
}

export const { putAway: putPlaceAway, bringBack: bringPlaceBack } = hiding('place', ({ em, scope }, id, hiddenAt) =>
  setPlaceHidden(em, scope, id, hiddenAt),
);
