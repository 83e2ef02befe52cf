import { entityManager } from '@server/db/orm';
import { plantLog, setPlantDeleted } from '@server/collection/plants';
import { isId } from '@server/http/ids';
import { notFound } from '@server/http/problem';

interface Context {
  readonly params: Promise<{ id: string }>;
}

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const log = isId(id) ? await plantLog(await entityManager(), id) : null;
  return log ? Response.json(log) : notFound('plant');
}

export async function DELETE(_request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const done = isId(id) && (await setPlantDeleted(await entityManager(), id, new Date()));
  return done ? new Response(null, { status: 204 }) : notFound('plant');
}
