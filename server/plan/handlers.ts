/** The plan over HTTP: the same question and answer as on the command line, in metric words. */
import { demoPlaces, questionSchemas } from '@core';
import { computed } from '../compute/computing';
import { readAsked } from '../http/read-body';

const { plan } = questionSchemas(demoPlaces);

export async function postPlan(request: Request): Promise<Response> {
  const body = await readAsked(request, plan);
  if (body.status === 'refused') return body.response;
  return computed(request, 'plan', body.value);
}
