import { setPlaceDeleted } from '@server/collection/places';
import { entityManager } from '@server/db/orm';
import { isId } from '@server/http/ids';
import { notFound } from '@server/http/problem';

export async function POST(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const done = isId(id) && (await setPlaceDeleted(await entityManager(), id, null));
  return done ? new Response(null, { status: 204 }) : notFound('place');
}
