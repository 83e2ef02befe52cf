/**
 * The core on a thread of its own. Answers leave as text: the thread that serves everyone neither computes
 * nor writes them out.
 */
import { makePlan, outlookOf, type PlanCase, questionVersions, roughOutlook, type SetupSpec } from '@core';
import { metricWords, wordPlan } from '@core/words';

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

/** Towns by name: the list of over a hundred thousand is read when the first is looked for. */
export async function towns(text: string): Promise<string> {
  const { findTowns } = await import('../towns/find-towns');
  return JSON.stringify({ towns: findTowns(text) });
}
