/** The core, off the page's thread. */
import * as Comlink from 'comlink';
import {
  makePlan,
  reviewSetup,
  setupCurve,
  type PlanAnswer,
  type PlanCase,
  type SetupReview,
  type SetupCurve,
  type SetupSpec,
  type WordUnits,
} from '@core/index';

const api = {
  plan(planCase: PlanCase, units: WordUnits, onProgress: (done: number, total: number) => void): PlanAnswer {
    return makePlan(planCase, { units, onProgress });
  },
  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): SetupCurve {
    return setupCurve(planCase, spec, monthIndex);
  },
  review(planCase: PlanCase, spec: SetupSpec, units: WordUnits): SetupReview {
    return reviewSetup(planCase, spec, units);
  },
};

export type BenchApi = typeof api;

Comlink.expose(api);
