/**
 * The bench's workers: one for the plan and one that helps it, one for slow second thoughts about it (how sure, what
 * would change it, what each school would do), one beside them for answers about a single setup. They answer
 * in figures; the screens word them, so that other units need no new computation.
 */
import * as Comlink from 'comlink';
import type {
  GrowthView,
  PlanCase,
  PlanFacts,
  SetupFacts,
  SchoolId,
  SetupCurve,
  SetupSpec,
  SidesFacts,
  PlantPlacement,
  TuningFacts,
  UninspectedFact,
  WhatIf,
  WhatIfFacts,
} from '@core';
import type { BenchApi, DoubtFacts, OnBest, OnProgress, Refusable } from './bench-worker';
import { LongWork, type Outcome, type Running } from './long-work';
import { startWorker } from './start-worker';

export { messageOf, type Outcome } from './long-work';

export interface TriedFacts {
  readonly answer: WhatIfFacts;
  readonly curve: SetupCurve;
}

/** On two cores the browser's own drawing takes the second: measured there, a helper makes a cold start slower. */
const CORES_FOR_A_HELPER = 4;
const hasCoreForHelper = (): boolean => navigator.hardwareConcurrency >= CORES_FOR_A_HELPER;

export class Planner {
  private readonly planning = new LongWork(startWorker, (api) => void api.stopPlan());
  private readonly helping = new LongWork(startWorker, (api) => void api.stopPlan());
  private readonly thinking = new LongWork(startWorker);
  private beside: Running<BenchApi> | null = null;
  private isClosed = false;

  constructor() {
    this.planning.warm();
    if (hasCoreForHelper()) this.helping.warm();
  }

  /** Started when it is needed: at a cold start the plan's own worker comes first. */
  private get besideApi(): Comlink.Remote<BenchApi> {
    this.beside ??= startWorker();
    return this.beside.api;
  }

  /**
   * On two cores the plan's own worker, which hears questions between two setups: a second one, read and warmed while the
   * first works, would hold up both and the page.
   */
  private get quickApi(): Comlink.Remote<BenchApi> {
    return hasCoreForHelper() ? this.besideApi : this.planning.warm().api;
  }

  /**
   * Computes a plan; a plan still running for an earlier question is cancelled. onBest: a first answer on the way. Where
   * there are cores enough a second worker begins at the other end.
   */
  async plan(planCase: PlanCase, onProgress: OnProgress, onBest: OnBest): Promise<Outcome<PlanFacts>> {
    const between = hasCoreForHelper() ? new MessageChannel() : null;
    const outcome = this.planning.run((api) =>
      api.plan(
        planCase,
        Comlink.proxy((done, total) => {
          // The plan is under way: its first answer will be asked for its days.
          if (!this.isClosed) void this.quickApi;
          onProgress(done, total);
        }),
        Comlink.proxy(onBest),
        between ? Comlink.transfer(between.port1, [between.port1]) : null,
      ),
    );
    // Should the helper fail, the plan is only slower.
    if (between) void this.helping.run((api) => api.help(planCase, Comlink.transfer(between.port2, [between.port2])));
    const answer = await outcome;
    if (answer.status !== 'done') return answer;
    this.helping.cancel();
    return answer.value === null ? { status: 'cancelled' } : { status: 'done', value: answer.value };
  }

  /** Stops a plan that is being computed. */
  cancel(): void {
    this.planning.cancel();
    this.helping.cancel();
  }

  doubts(planCase: PlanCase, specs: readonly SetupSpec[], onProgress: OnProgress): Promise<Outcome<DoubtFacts>> {
    return this.thinking.run((api) => api.doubts(planCase, specs, Comlink.proxy(onProgress)));
  }

  unlooked(planCase: PlanCase, onProgress: OnProgress): Promise<Outcome<readonly UninspectedFact[]>> {
    return this.thinking.run<readonly UninspectedFact[]>((api) => api.unlooked(planCase, Comlink.proxy(onProgress)));
  }

  sides(planCase: PlanCase, schoolId: SchoolId, onProgress: OnProgress): Promise<Outcome<SidesFacts>> {
    return this.thinking.run((api) => api.sides(planCase, schoolId, Comlink.proxy(onProgress)));
  }

  tune(planCase: PlanCase, spec: SetupSpec): Promise<Outcome<Refusable<TuningFacts>>> {
    return this.thinking.run<Refusable<TuningFacts>>((api) => api.tune(planCase, spec));
  }

  /** Stops second thoughts that are being computed. */
  stopThinking(): void {
    this.thinking.cancel();
  }

  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): Promise<SetupCurve> {
    return this.quickApi.curve(planCase, spec, monthIndex);
  }

  review(planCase: PlanCase, spec: SetupSpec): Promise<SetupFacts> {
    return this.quickApi.review(planCase, spec);
  }

  growth(planCase: PlanCase, spec: SetupSpec, stands: readonly PlantPlacement[] | null): Promise<GrowthView | null> {
    // It takes longer than a plan can wait.
    return this.besideApi.growth(planCase, spec, stands);
  }

  whatIf(planCase: PlanCase, spec: SetupSpec, change: WhatIf, monthIndex: number): Promise<TriedFacts> {
    return this.quickApi.whatIf(planCase, spec, change, monthIndex);
  }

  close(): void {
    this.isClosed = true;
    this.planning.close();
    this.helping.close();
    this.thinking.close();
    this.beside?.worker.terminate();
  }
}
