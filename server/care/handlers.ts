/** The addresses of what is done to plants. */
import { wakeOutlooks } from '../due/work';
import { setBatchHidden } from '../events/hide';
import { hiding } from '../http/hiding';
import { inScope } from '../http/in-scope';
import { problem } from '../http/problem';
import { readBody } from '../http/read-body';
import { recordCare } from './repository';
import { type CareInput, careInputSchema } from './schemas';

export async function postCare(request: Request): Promise<Response> {
  const body = await readBody<CareInput>(request, careInputSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async ({ em, scope }) => {
    const recorded = await recordCare(em, scope, body.value);
    if (recorded.status === 'no such plants') {
      return problem(404, 'Some of these plants are not there. Nothing was kept.', [], { missing: recorded.missing });
    }
    // A plant that was moved dries otherwise.
    wakeOutlooks();
    const { batchId, plants } = recorded;
    return Response.json({ batchId, plants }, { status: recorded.status === 'recorded' ? 201 : 200 });
  });
}

export const { putAway: putCareAway, bringBack: bringCareBack } = hiding('batch', ({ em, scope }, id, hiddenAt) =>
  setBatchHidden(em, scope, id, hiddenAt),
);
