import { isOwnKind, listOwn, ownSchemas, saveOwn } from '@server/collection/own-items';
import { entityManager } from '@server/db/orm';
import { notFound } from '@server/http/problem';
import { readBody } from '@server/http/read-body';

export const dynamic = 'force-dynamic';

interface Context {
  readonly params: Promise<{ kind: string }>;
}

export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const { kind } = await params;
  if (!isOwnKind(kind)) return notFound('kind of own things');
  return Response.json({ items: await listOwn(await entityManager(), kind) });
}

export async function POST(request: Request, { params }: Context): Promise<Response> {
  const { kind } = await params;
  if (!isOwnKind(kind)) return notFound('kind of own things');
  const body = await readBody<unknown>(request, ownSchemas[kind]);
  if (body.status === 'refused') return body.response;
  return Response.json(await saveOwn(await entityManager(), kind, body.value), { status: 201 });
}
