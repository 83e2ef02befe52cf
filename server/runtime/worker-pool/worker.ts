/**
 * The core on a thread of its own. Answers leave as text: the thread that serves everyone neither computes
 * nor writes them out.
 */
import { makePlan, outlookOf, type PlanCase, questionVersions, roughOutlook, type SetupSpec } from '@core';
import { metricWords, wordPlan } from '@core/words';
import { findTowns } from '../towns/find-towns';

export function plan(planCase: PlanCase): string {
  return JSON.stringify({
    version: questionVersions.newest,
    ...wordPlan(makePlan(planCase), metricWords),
  });
}

export interface OutlookQuestion {
  readonly planCase: PlanCase;
  /** null where it is not on record what it was potted in. */
  readonly spec: SetupSpec | null;
}

/** What is to come of a plant on file. */
export function outlook({ planCase, spec }: OutlookQuestion): string {
  return JSON.stringify(spec === null ? roughOutlook(planCase) : outlookOf(planCase, spec));
}

/** Towns by name: the first search reads a list of over a hundred thousand. */
export function towns(text: string): string {
  return JSON.stringify({ towns: findTowns(text) });
}
