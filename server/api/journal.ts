/** The addresses of what is done to plants. */
import { wakeOutlooks } from '../projections/due/background';
import { setBatchHidden } from '../records/journal/hide';
import { hiding } from './hiding';
import { inScope } from './in-scope';
import { problem } from '../runtime/http/problem';
import { readBody } from '../runtime/http/read-body';
import { recordCare } from '../records/journal/record-done';
import { type CareInput, careInputSchema } from '../records/journal/done-schemas';

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
