/** The address of what changed lately and what the record says. */
import { dayOfRequest } from '../http/day';
import { inScope } from '../http/in-scope';
import { learnedOf } from './repository';

export async function getLearned(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await learnedOf(em, scope, dayOfRequest(request))));
}
