import { isOwnKind, setOwnDeleted } from '@server/collection/own-items';
import { entityManager } from '@server/db/orm';
import { isId } from '@server/http/ids';
import { notFound } from '@server/http/problem';

export async function DELETE(
  _request: Request,
  { params }: { params: Promise<{ kind: string; id: string }> },
): Promise<Response> {
  const { kind, id } = await params;
  const done = isOwnKind(kind) && isId(id) && (await setOwnDeleted(await entityManager(), kind, id, new Date()));
  return done ? new Response(null, { status: 204 }) : notFound('thing');
}
