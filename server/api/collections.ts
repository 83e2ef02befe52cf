/** The collections' addresses. */
import { listCollections, setExampleRemoved } from '../records/collections/repository';
import { notFound } from '../runtime/http/problem';
import { inScope } from './in-scope';

export async function getCollections(): Promise<Response> {
  return inScope(async ({ em }) => Response.json(await listCollections(em)));
}

const moved = (removedAt: () => Date | null) => async (): Promise<Response> =>
  inScope(async ({ em }) =>
    (await setExampleRemoved(em, removedAt())) ? new Response(null, { status: 204 }) : notFound('example collection'),
  );

export const removeExample = moved(() => new Date());
export const bringExampleBack = moved(() => null);
