/**
 * The core on a thread of its own. Answers leave as text: the thread that serves everyone neither computes
 * nor writes them out.
 */
import { demoPlaces, makePlan, type PlanCase, questionVersions } from '@core';
import { metricWords, wordPlan } from '@core/words';

export function plan(planCase: PlanCase): string {
  return JSON.stringify({
    version: questionVersions.newest,
    ...wordPlan(makePlan(planCase, demoPlaces), metricWords),
  });
}
