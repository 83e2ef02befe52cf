/**
 * A worker for one long computation at a time. Asking anew ends the one that runs, and so does `cancel`: the worker is
 * told to stop and stays warm, where it can be told; else it is terminated and a new one started for the next question.
 */
import type * as Comlink from 'comlink';

/** A worker under way, and what it answers to. */
export interface Running<Api> {
  readonly worker: Pick<Worker, 'terminate'>;
  readonly api: Comlink.Remote<Api>;
}

export type Outcome<T> =
  | { readonly status: 'done'; readonly value: T }
  | { readonly status: 'cancelled' }
  | { readonly status: 'failed'; readonly message: string };

export function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}

export class LongWork<Api> {
  private running: Running<Api> | null = null;
  private isBusy = false;
  private abandon: (() => void) | null = null;

  /** tellToStop: for workers that hear messages while they compute. */
  constructor(
    private readonly startWorker: () => Running<Api>,
    private readonly tellToStop?: (api: Comlink.Remote<Api>) => void,
  ) {}

  /** Starts the worker before it is asked anything, so that the first question finds it there. */
  warm(): Running<Api> {
    this.running ??= this.startWorker();
    return this.running;
  }

  async run<T>(start: (api: Comlink.Remote<Api>) => Promise<T>): Promise<Outcome<T>> {
    this.cancel();
    const { api } = this.warm();
    this.isBusy = true;
    const cancelled = new Promise<Outcome<T>>((resolve) => {
      this.abandon = () => resolve({ status: 'cancelled' });
    });
    const answered = start(api).then(
      (value): Outcome<T> => ({ status: 'done', value }),
      (error: unknown): Outcome<T> => ({ status: 'failed', message: messageOf(error) }),
    );
    const outcome = await Promise.race([answered, cancelled]);
    if (outcome.status !== 'cancelled') this.isBusy = false;
    return outcome;
  }

  /** Stops what is being computed, if anything. */
  cancel(): void {
    if (!this.isBusy) return;
    this.abandon?.();
    this.isBusy = false;
    if (this.tellToStop && this.running) {
      this.tellToStop(this.running.api);
      return;
    }
    this.running?.worker.terminate();
    this.running = null;
  }

  close(): void {
    this.cancel();
    this.running?.worker.terminate();
  }
}
