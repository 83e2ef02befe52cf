/** The core, off the page's thread. It answers in figures; the page words them in the grower's units. */
import * as Comlink from 'comlink';
import {
  compareSides,
  type FaultAt,
  FaultError,
  makePlan,
  type PlanCase,
  type PlanFacts,
  type SetupFacts,
  reviewSetup,
  type SchoolId,
  type SensitivityFacts,
  sensitivityOf,
  setupCurve,
  type SetupCurve,
  type SetupSpec,
  type SidesFacts,
  tuneToRoutine,
  type TuningFacts,
  type TurnFact,
  turnsOf,
  whatIf,
  type WhatIf,
  type WhatIfFacts,
} from '@core';
import { placeBook } from '../place-book';

export type OnProgress = (done: number, total: number) => void;

/** How sure the answer is, and what would change it. */
export interface DoubtFacts {
  readonly sensitivity: SensitivityFacts;
  readonly turns: readonly TurnFact[];
}

/** A question that some setups have no answer to, and why. */
export type Refusable<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'refused'; readonly faults: readonly FaultAt[] };

/** How many of the leading setups the sensitivity looks at. */
const LEADERS = 3;

const api = {
  plan(planCase: PlanCase, onProgress: OnProgress): PlanFacts {
    return makePlan(planCase, placeBook, { onProgress });
  },
  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): SetupCurve {
    return setupCurve(planCase, placeBook, spec, monthIndex);
  },
  review(planCase: PlanCase, spec: SetupSpec): SetupFacts {
    return reviewSetup(planCase, placeBook, spec);
  },
  whatIf(
    planCase: PlanCase,
    spec: SetupSpec,
    change: WhatIf,
    monthIndex: number,
  ): { answer: WhatIfFacts; curve: SetupCurve } {
    const answer = whatIf(planCase, placeBook, spec, change, monthIndex);
    return { answer, curve: setupCurve(answer.planCase, placeBook, answer.spec, monthIndex) };
  },
  tune(planCase: PlanCase, spec: SetupSpec): Refusable<TuningFacts> {
    try {
      return { status: 'ok', value: tuneToRoutine(planCase, placeBook, spec) };
    } catch (error) {
      // An error loses its class on the way to the page; its faults do not.
      if (error instanceof FaultError) return { status: 'refused', faults: error.faults };
      throw error;
    }
  },
  doubts(planCase: PlanCase, specs: readonly SetupSpec[], onProgress: OnProgress): DoubtFacts {
    const sensitivity = sensitivityOf(planCase, placeBook, specs.slice(0, LEADERS), (done, total) =>
      onProgress(done, 2 * total),
    );
    const turns = turnsOf(planCase, placeBook, specs, (done, total) => onProgress(total + done, 2 * total));
    return { sensitivity, turns };
  },
  sides(planCase: PlanCase, schoolId: SchoolId, onProgress: OnProgress): SidesFacts {
    return compareSides(planCase, placeBook, schoolId, onProgress);
  },
};

export type BenchApi = typeof api;

Comlink.expose(api);
