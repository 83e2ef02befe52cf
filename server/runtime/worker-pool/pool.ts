/** Threads for what takes long: so many at once, so many waiting, none for longer than anybody waits. */
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import Piscina from 'piscina';
import type * as worker from './worker';

export interface PoolSettings {
  readonly threads: number;
  /** Questions that may wait; further ones are sent away at once. */
  readonly mostWaiting: number;
  /** A question is given up after so long, waiting and work together. */
  readonly deadlineMs: number;
}

/** One processor is left for serving; waiting questions are those that can be answered before the deadline. */
export const usualPool: PoolSettings = {
  threads: Math.max(1, availableParallelism() - 1),
  mostWaiting: 8 * Math.max(1, availableParallelism() - 1),
  deadlineMs: 20_000,
};

export type Question = keyof typeof worker;

export type Computed =
  | { readonly status: 'answered'; readonly json: string }
  /** Too many wait already, or this one has waited too long: later may do. */
  | { readonly status: 'busy' | 'late' }
  /** The client has left: there is nobody to answer. */
  | { readonly status: 'left' };

export interface Pool {
  readonly ask: (question: Question, input: unknown, left: AbortSignal) => Promise<Computed>;
  readonly close: () => Promise<void>;
}

const NICER_BY = 10;

export function openPool({ threads, mostWaiting, deadlineMs }: PoolSettings): Pool {
  const pool = new Piscina({
    // Named from the folder that everything is started in: bundles do not know where they came from.
    filename: join(process.cwd(), 'server/runtime/worker-pool/thread.cjs'),
    minThreads: threads,
    maxThreads: threads,
    // Whoever serves goes first.
    niceIncrement: NICER_BY,
  });
  let asked = 0;
  return {
    ask: async (question, input, left) => {
      if (asked >= threads + mostWaiting) return { status: 'busy' };
      const late = AbortSignal.timeout(deadlineMs);
      asked += 1;
      try {
        const json = (await pool.run(input, { name: question, signal: AbortSignal.any([left, late]) })) as string;
        return { status: 'answered', json };
      } catch (error) {
        if (left.aborted) return { status: 'left' };
        if (late.aborted) return { status: 'late' };
        throw error;
      } finally {
        asked -= 1;
      }
    },
    close: () => pool.destroy(),
  };
}
