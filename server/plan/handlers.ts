/** The plan over HTTP: the same question and answer as on the command line, in metric words. */
import { demoPlaces, makePlan, questionSchemas, questionVersions } from '@core';
import { metricWords, wordPlan } from '@core/words';
import { readAsked } from '../http/read-body';

const { plan } = questionSchemas(demoPlaces);

export async function postPlan(request: Request): Promise<Response> {
  const body = await readAsked(request, plan);
  if (body.status === 'refused') return body.response;
  return Response.json({
    version: questionVersions.newest,
    ...wordPlan(makePlan(body.value, demoPlaces), metricWords),
  });
}
