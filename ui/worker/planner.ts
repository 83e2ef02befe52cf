/**
 * Two workers: one for the long plan, which is ended and started anew when the question changes
 * (that is how it is cancelled), one for quick answers about a single setup.
 */
import * as Comlink from 'comlink';
import type { PlanAnswer, PlanCase, SetupCurve, SetupReview, SetupSpec, WordUnits } from '@core/index';
import type { BenchApi } from './bench-worker';

interface Running {
  readonly worker: Worker;
  readonly api: Comlink.Remote<BenchApi>;
}

function startWorker(): Running {
  const worker = new Worker(new URL('./bench-worker.ts', import.meta.url));
  return { worker, api: Comlink.wrap<BenchApi>(worker) };
}

export type Outcome<T> =
  | { readonly status: 'done'; readonly value: T }
  | { readonly status: 'cancelled' }
  | { readonly status: 'failed'; readonly message: string };

export class Planner {
  private planning: Running | null = null;
  private isBusy = false;
  private abandon: (() => void) | null = null;
  private readonly quick = startWorker();

  /** Computes a plan; a plan still running for an earlier question is cancelled. */
  async plan(
    planCase: PlanCase,
    units: WordUnits,
    onProgress: (done: number, total: number) => void,
  ): Promise<Outcome<PlanAnswer>> {
    this.cancel();
    this.planning ??= startWorker();
    const { api } = this.planning;
    this.isBusy = true;
    const cancelled = new Promise<Outcome<PlanAnswer>>((resolve) => {
      this.abandon = () => resolve({ status: 'cancelled' });
    });
    const answered = api.plan(planCase, units, Comlink.proxy(onProgress)).then(
      (value): Outcome<PlanAnswer> => ({ status: 'done', value }),
      (error: unknown): Outcome<PlanAnswer> => ({ status: 'failed', message: messageOf(error) }),
    );
    const outcome = await Promise.race([answered, cancelled]);
    if (outcome.status !== 'cancelled') this.isBusy = false;
    return outcome;
  }

  /** Stops a plan that is being computed. */
  cancel(): void {
    if (!this.isBusy) return;
    this.abandon?.();
    this.planning?.worker.terminate();
    this.planning = null;
    this.isBusy = false;
  }

  curve(planCase: PlanCase, spec: SetupSpec, monthIndex: number): Promise<SetupCurve> {
    return this.quick.api.curve(planCase, spec, monthIndex);
  }

  review(planCase: PlanCase, spec: SetupSpec, units: WordUnits): Promise<SetupReview> {
    return this.quick.api.review(planCase, spec, units);
  }

  close(): void {
    this.cancel();
    this.planning?.worker.terminate();
    this.quick.worker.terminate();
  }
}

export function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
