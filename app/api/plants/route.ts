import { entityManager } from '@server/db/orm';
import { listPlants } from '@server/collection/plants';

export const dynamic = 'force-dynamic';

export async function GET(): Promise<Response> {
  return Response.json({ plants: await listPlants(await entityManager()) });
}
