import { makePlan, planCaseSchema } from '@core';
import { readBody } from '@server/http/read-body';

export async function POST(request: Request): Promise<Response> {
  const body = await readBody(request, planCaseSchema);
  if (body.status === 'refused') return body.response;
  return Response.json(makePlan(body.value));
}
