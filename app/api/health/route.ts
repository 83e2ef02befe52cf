import { entityManager } from '@server/db/orm';

export const dynamic = 'force-dynamic';

/** Answers once the database does. */
export async function GET(): Promise<Response> {
  const em = await entityManager();
  await em.getConnection().execute('select 1');
  return Response.json({ status: 'ok' });
}
