/** The addresses of what changed lately and what the record says. */
import { dayOfRequest } from '../runtime/http/day';
import { inScope } from './in-scope';
import { pottingsLived } from '../projections/insights/hands-record';
import { insightsOf } from '../projections/insights/repository';

export async function getInsights(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => Response.json(await insightsOf(em, scope, dayOfRequest(request))));
}

/** How pottings went in one place: ?place=KEY&today=. */
export async function getHandsRecord(request: Request): Promise<Response> {
  const place = new URL(request.url).searchParams.get('place') ?? '';
  return inScope(async ({ em, scope }) => Response.json(await pottingsLived(em, scope, place, dayOfRequest(request))));
}
