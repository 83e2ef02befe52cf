import { type Place, placeSchema } from '@core';
import { changePlace, setPlaceDeleted } from '@server/collection/places';
import { entityManager } from '@server/db/orm';
import { isId } from '@server/http/ids';
import { notFound } from '@server/http/problem';
import { readBody } from '@server/http/read-body';

export async function PUT(request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const body = await readBody(request, placeSchema);
  if (body.status === 'refused') return body.response;
  const changed = isId(id) ? await changePlace(await entityManager(), id, body.value as Place) : null;
  return changed ? Response.json(changed) : notFound('place');
}

export async function DELETE(_request: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const done = isId(id) && (await setPlaceDeleted(await entityManager(), id, new Date()));
  return done ? new Response(null, { status: 204 }) : notFound('place');
}
