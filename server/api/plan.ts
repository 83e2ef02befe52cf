/** The plan over HTTP: the same question and answer as on the command line, in metric words. */
import { computed } from '../runtime/worker-pool/server-pool';
import { readAsked } from '../runtime/http/read-body';
import { planCaseSchema } from '../records/plants/case-schemas';

export async function postPlan(request: Request): Promise<Response> {
  const body = await readAsked(request, planCaseSchema);
  if (body.status === 'refused') return body.response;
  return computed(request, 'plan', body.value);
}
