/** The address of what changed lately and what the record says. */
import { dayOfRequest } from '../runtime/http/day';
import { inScope } from './in-scope';
import { insightsOf } from '../projections/insights/repository';

export async function getInsights(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await insightsOf(em, scope, dayOfRequest(request))));
}
