/** The address of what changed lately and what the record says. */
import { dayOfRequest } from '../runtime/http/day';
import { inScope } from './in-scope';
import { learnedOf } from '../projections/insights/repository';

export async function getLearned(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await learnedOf(em, scope, dayOfRequest(request))));
}
