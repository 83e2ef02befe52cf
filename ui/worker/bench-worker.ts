/** The core, off the page's thread. */
import * as Comlink from 'comlink';
import { compareSides, makePlan, type PlanAnswer, type PlanCase, reviewSetup, type SchoolComparison, type SchoolId, type Sensitivity, sensitivityOf, setupCurve, type SetupCurve, type SetupReview, type SetupSpec, tuneToRoutine, type Tuning, type Turn, turnsOf, whatIf, type WhatIf, type WhatIfAnswer } from '@core';
import type { WordUnits } from '@core/words';

export type OnProgress = (done: number, total: number) => void;

/** How sure the answer is, and what would change it. */
export interface Doubts {
  readonly sensitivity: Sensitivity;
  readonly turns: readonly Turn[];
}

/** How many of the leading setups the sensitivity looks at. */
const LEADERS = 3;

const api = {
  plan(planCase: PlanCase, units: WordUnits, onProgress: OnProgress): PlanAnswer {
    return makePlan(planCase, { units, onProgress });
  },
  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): SetupCurve {
    return setupCurve(planCase, spec, monthIndex);
  },
  review(planCase: PlanCase, spec: SetupSpec, units: WordUnits): SetupReview {
    return reviewSetup(planCase, spec, units);
  },
  whatIf(
    planCase: PlanCase,
    spec: SetupSpec,
    change: WhatIf,
    monthIndex: number,
    units: WordUnits,
  ): { answer: WhatIfAnswer; curve: SetupCurve } {
    const answer = whatIf(planCase, spec, change, monthIndex, units);
    return { answer, curve: setupCurve(answer.planCase, answer.spec, monthIndex) };
  },
  tune(planCase: PlanCase, spec: SetupSpec, units: WordUnits): Tuning {
    return tuneToRoutine(planCase, spec, units);
  },
  doubts(planCase: PlanCase, specs: readonly SetupSpec[], units: WordUnits, onProgress: OnProgress): Doubts {
    const sensitivity = sensitivityOf(
      planCase,
      specs.slice(0, LEADERS),
      (done, total) => onProgress(done, 2 * total),
      units,
    );
    const turns = turnsOf(planCase, specs, (done, total) => onProgress(total + done, 2 * total), units);
    return { sensitivity, turns };
  },
  sides(planCase: PlanCase, schoolId: SchoolId, units: WordUnits, onProgress: OnProgress): SchoolComparison {
    return compareSides(planCase, schoolId, onProgress, units);
  },
};

export type BenchApi = typeof api;

Comlink.expose(api);
