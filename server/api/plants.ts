/** The plants' addresses. */
import { wakeOutlooks } from '../projections/due/background';
import { hiding, type ById } from './hiding';
import { isId } from '../runtime/http/ids';
import { inScope } from './in-scope';
import { dayOfRequest } from '../runtime/http/day';
import { changedMeanwhile, notFound } from '../runtime/http/problem';
import { readAsked, readBody } from '../runtime/http/read-body';
import { seenVersionOf } from '../runtime/http/seen-version';
import { addPlant } from '../records/journal/add-plant';
import { type AddInput, addInputSchema } from '../records/journal/add-schemas';
import { changeFacts, factsBefore } from '../records/plants/facts';
import { type PlantFacts, plantFactsSchema } from '../records/plants/facts-schemas';
import { listFacets, listPlants } from '../projections/plants/list';
import { plantLog, setPlantHidden } from '../projections/plants/plant-log';
import { listQueryIn } from '../projections/plants/list-query';

export async function getPlants(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) =>
    Response.json(await listPlants(em, scope, listQueryIn(new URL(request.url).searchParams))),
  );
}

/** Puts a plant on record: new, like another, or a division of it. */
export async function postPlant(request: Request): Promise<Response> {
  const body = await readAsked<AddInput>(request, addInputSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async ({ em, scope }) => {
    const added = await addPlant(em, scope, body.value);
    if (added.status === 'no such plant') return notFound('plant');
    wakeOutlooks();
    const log = await plantLog(em.fork(), scope, added.plantId);
    return log ? Response.json(log, { status: added.status === 'added' ? 201 : 200 }) : notFound('plant');
  });
}

export async function getFacets(): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listFacets(em, scope)));
}

export async function getPlant(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('plant');
  return inScope(async ({ em, scope }) => {
    const log = await plantLog(em, scope, id, dayOfRequest(request));
    if (log && !log.isReckoned) wakeOutlooks();
    return log ? Response.json(log) : notFound('plant');
  });
}

export const { putAway: putPlantAway, bringBack: bringPlantBack } = hiding('plant', ({ em, scope }, id, hiddenAt) =>
  setPlantHidden(em, scope, id, hiddenAt),
);

/** Puts other facts on the tag; what they were stays readable in the history. */
export async function putPlant(request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  const body = await readBody<PlantFacts>(request, plantFactsSchema);
  if (body.status === 'refused') return body.response;
  if (!isId(id)) return notFound('plant');
  return inScope(async ({ em, scope }) => {
    const changed = await changeFacts(em, scope, id, body.value, seenVersionOf(request));
    if (changed.status === 'no such plant') return notFound('plant');
    const { version } = changed;
    if (changed.status === 'changed meanwhile') {
      return changedMeanwhile('plant', { ...changed.current, version }, body.value);
    }
    const log = await plantLog(em.fork(), scope, id);
    return log ? Response.json(log, { headers: { etag: `"${version}"` } }) : notFound('plant');
  });
}

export async function getPlantHistory(_request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('plant');
  return inScope(async ({ em, scope }) => {
    const history = await factsBefore(em, scope, id);
    return history ? Response.json(history) : notFound('plant');
  });
}
