import { entityManager } from '@server/db/orm';
import { pottingInputSchema } from '@server/collection/potting-input';
import { savePotting } from '@server/collection/plants';
import { notFound } from '@server/http/problem';
import { readBody } from '@server/http/read-body';

export async function POST(request: Request): Promise<Response> {
  const body = await readBody(request, pottingInputSchema);
  if (body.status === 'refused') return body.response;
  const log = await savePotting(await entityManager(), body.value);
  return log ? Response.json(log, { status: 201 }) : notFound('plant');
}
