/**
 * The bench's three workers: one for the plan, one for slow second thoughts about it (how sure, what
 * would change it, what each school would do), one for quick answers about a single setup.
 */
import * as Comlink from 'comlink';
import type { PlanAnswer, PlanCase, SchoolComparison, SchoolId, SetupCurve, SetupReview, SetupSpec, Tuning, WhatIf, WhatIfAnswer } from '@core';
import type { WordUnits } from '@core/words';
import type { Doubts, OnProgress } from './bench-worker';
import { LongWork, startWorker, type Outcome } from './long-work';

export { messageOf, type Outcome } from './long-work';

export class Planner {
  private readonly planning = new LongWork();
  private readonly thinking = new LongWork();
  private readonly quick = startWorker();

  /** Computes a plan; a plan still running for an earlier question is cancelled. */
  plan(planCase: PlanCase, units: WordUnits, onProgress: OnProgress): Promise<Outcome<PlanAnswer>> {
    return this.planning.run((api) => api.plan(planCase, units, Comlink.proxy(onProgress)));
  }

  /** Stops a plan that is being computed. */
  cancel(): void {
    this.planning.cancel();
  }

  doubts(
    planCase: PlanCase,
    specs: readonly SetupSpec[],
    units: WordUnits,
    onProgress: OnProgress,
  ): Promise<Outcome<Doubts>> {
    return this.thinking.run((api) => api.doubts(planCase, specs, units, Comlink.proxy(onProgress)));
  }

  sides(
    planCase: PlanCase,
    schoolId: SchoolId,
    units: WordUnits,
    onProgress: OnProgress,
  ): Promise<Outcome<SchoolComparison>> {
    return this.thinking.run((api) => api.sides(planCase, schoolId, units, Comlink.proxy(onProgress)));
  }

  tune(planCase: PlanCase, spec: SetupSpec, units: WordUnits): Promise<Outcome<Tuning>> {
    return this.thinking.run((api) => api.tune(planCase, spec, units));
  }

  /** Stops second thoughts that are being computed. */
  stopThinking(): void {
    this.thinking.cancel();
  }

  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): Promise<SetupCurve> {
    return this.quick.api.curve(planCase, spec, monthIndex);
  }

  review(planCase: PlanCase, spec: SetupSpec, units: WordUnits): Promise<SetupReview> {
    return this.quick.api.review(planCase, spec, units);
  }

  whatIf(
    planCase: PlanCase,
    spec: SetupSpec,
    change: WhatIf,
    monthIndex: number,
    units: WordUnits,
  ): Promise<{ answer: WhatIfAnswer; curve: SetupCurve }> {
    return this.quick.api.whatIf(planCase, spec, change, monthIndex, units);
  }

  close(): void {
    this.planning.close();
    this.thinking.close();
    this.quick.worker.terminate();
  }
}
