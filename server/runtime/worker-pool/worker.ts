/**
 * The core on a thread of its own. Answers leave as text: the thread that serves everyone neither computes
 * nor writes them out.
 */
import { demoPlaces, makePlan, outlookOf, type PlanCase, questionVersions, roughOutlook } from '@core';
import { metricWords, wordPlan } from '@core/words';
import type { OutlookQuestion } from '../../projections/due/outlook-question';

export function plan(planCase: PlanCase): string {
  return JSON.stringify({
    version: questionVersions.newest,
    ...wordPlan(makePlan(planCase), metricWords),
  });
}

/** What is to come of a plant on file. */
export function outlook({ planCase, spec }: OutlookQuestion): string {
  return JSON.stringify(spec === null ? roughOutlook(planCase) : outlookOf(planCase, spec));
}
