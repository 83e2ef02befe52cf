import { type Place, placeSchema } from '@core';
import { listPlaces, savePlace } from '@server/collection/places';
import { entityManager } from '@server/db/orm';
import { readBody } from '@server/http/read-body';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  return Response.json({ places: await listPlaces(await entityManager()) });
}

export async function POST(request: Request): Promise<Response> {
  const body = await readBody(request, placeSchema);
  if (body.status === 'refused') return body.response;
  return Response.json(await savePlace(await entityManager(), body.value as Place), { status: 201 });
}
