/** Starts what computes or reads for long in workers of their own. */
import * as Comlink from 'comlink';
import type { BenchApi } from './bench-worker';
import type { DayApi } from './day-worker';
import type { FileApi } from './file-worker';
import type { Running } from './long-work';

declare global {
  interface Window {
    /** Started while the page was still being read (features/bench/begin.tsx). */
    cairnFirstWorker?: Worker;
  }
}

/** In one file where the application was built; in pieces while it is being developed. */
function newBenchWorker(): Worker {
  const address = process.env.CAIRN_BENCH_WORKER;
  return address ? new Worker(address) : new Worker(new URL('./bench-worker.ts', import.meta.url));
}

export function startWorker(): Running<BenchApi> {
  const worker = window.cairnFirstWorker ?? newBenchWorker();
  // It is taken once.
  delete window.cairnFirstWorker;
  return { worker, api: Comlink.wrap<BenchApi>(worker) };
}

export function startFileWorker(): Running<FileApi> {
  const worker = new Worker(new URL('./file-worker.ts', import.meta.url));
  return { worker, api: Comlink.wrap<FileApi>(worker) };
}

export function startDayWorker(): Running<DayApi> {
  const worker = new Worker(new URL('./day-worker.ts', import.meta.url));
  return { worker, api: Comlink.wrap<DayApi>(worker) };
}
