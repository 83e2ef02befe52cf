/** The plan over HTTP: the same question and answer as on the command line, in metric words. */
import { computed } from '../compute/computing';
import { readAsked } from '../http/read-body';
import { planCaseSchema } from './schemas';

export async function postPlan(request: Request): Promise<Response> {
  const body = await readAsked(request, planCaseSchema);
  if (body.status === 'refused') return body.response;
  return computed(request, 'plan', body.value);
}
