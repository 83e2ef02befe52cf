/** The address of what is due. */
import { dayOfRequest } from '../http/day';
import { inScope } from '../http/in-scope';
import { dueList } from './repository';
import { wakeOutlooks } from './work';

export async function getDue(request: Request): Promise<Response> {
  return inScope(async ({ em, scope }) => {
    const list = await dueList(em, scope, dayOfRequest(request));
    if (list.reckoning > 0) wakeOutlooks();
    return Response.json(list);
  });
}
