import { inScope } from '@server/api/in-scope';

export const dynamic = 'force-dynamic';

/** Answers once the database does. */
export async function GET(): Promise<Response> {
  return inScope(async ({ em }) => {
    await em.execute('select 1');
    return Response.json({ status: 'ok' });
  });
}
