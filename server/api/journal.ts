/** The addresses of what is done to plants. */
import { wakeOutlooks } from '../projections/due/background';
import { setBatchHidden } from '../records/journal/hide';
import { hiding } from './hiding';
import { inScope } from './in-scope';
import { problem } from '../runtime/http/problem';
import { readBody } from '../runtime/http/read-body';
import { recordQuick } from '../records/journal/record-quick';
import { type QuickInput, quickInputSchema } from '../records/journal/quick-schemas';

export async function postQuickEntries(request: Request): Promise<Response> {
  const body = await readBody<QuickInput>(request, quickInputSchema);
  if (body.status === 'refused') return body.response;
  return inScope(async ({ em, scope }) => {
    const recorded = await recordQuick(em, scope, body.value);
    if (recorded.status === 'no such plants') {
      return problem(404, 'Some of these plants are not there. Nothing was kept.', [], { missing: recorded.missing });
    }
    // A plant that was moved dries otherwise.
    wakeOutlooks();
    const { batchId, plants } = recorded;
    return Response.json({ batchId, plants }, { status: recorded.status === 'recorded' ? 201 : 200 });
  });
}

export const { putAway: putBatchAway, bringBack: bringBatchBack } = hiding('batch', ({ em, scope }, id, hiddenAt) =>
  setBatchHidden(em, scope, id, hiddenAt),
);
