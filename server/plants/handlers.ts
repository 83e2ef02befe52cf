/** The plants' addresses. */
import { hiding, type ById } from '../http/hiding';
import { isId } from '../http/ids';
import { inScope } from '../http/in-scope';
import { pageOf } from '../http/page';
import { notFound } from '../http/problem';
import { findPlants, wordsOf } from './find';
import { listPlants, plantLog, setPlantHidden } from './repository';

/** What is longer is no word anybody looks for. */
const LONGEST_SEARCH = 120;

const searchOf = (request: Request): string =>
  (new URL(request.url).searchParams.get('search') ?? '').replaceAll('\0', '').slice(0, LONGEST_SEARCH);

export async function getPlants(request: Request): Promise<Response> {
  const words = wordsOf(searchOf(request));
  return inScope(async ({ em, scope }) =>
    Response.json(words.length > 0 ? await findPlants(em, scope, words) : await listPlants(em, scope, pageOf(request))),
  );
}

export async function getPlant(_request: Request, { params }: ById): Promise<Response> {
  const { id } = await params;
  if (!isId(id)) return notFound('plant');
  return inScope(async ({ em, scope }) => {
    const log = await plantLog(em, scope, id);
    return log ? Response.json(log) : notFound('plant');
  });
}

export const { putAway: putPlantAway, bringBack: bringPlantBack } = hiding('plant', ({ em, scope }, id, hiddenAt) =>
  setPlantHidden(em, scope, id, hiddenAt),
);
