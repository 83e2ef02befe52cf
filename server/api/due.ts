/** The address of what is due. */
import { dayOfRequest } from '../runtime/http/day';
import { inScope } from './in-scope';
import { dueList } from '../projections/due/repository';
import { wakeOutlooks } from '../projections/due/background';

export async function getDue(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => {
    const list = await dueList(em, scope, dayOfRequest(request));
    if (list.reckoning > 0) wakeOutlooks();
    return Response.json(list);
  });
}
