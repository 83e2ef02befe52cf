/** Starts the core in a worker of its own. */
import * as Comlink from 'comlink';
import type { BenchApi } from './bench-worker';
import type { Running } from './long-work';

export function startWorker(): Running {
  const worker = new Worker(new URL('./bench-worker.ts', import.meta.url));
  return { worker, api: Comlink.wrap<BenchApi>(worker) };
}
