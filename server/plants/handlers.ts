/** The plants' addresses. */
import { hiding, type ById } from '../http/hiding';
import { isId } from '../http/ids';
import { inScope } from '../http/in-scope';
import { pageOf } from '../http/page';
import { notFound } from '../http/problem';
import { listPlants, plantLog, setPlantHidden } from './repository';

export async function getPlants(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await listPlants(em, scope, pageOf(request))));
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
