/** Starts what computes or reads for long in workers of their own. */
import * as Comlink from 'comlink';
import type { BenchApi } from './bench-worker';
import type { FileApi } from './file-worker';
import type { Running } from './long-work';

export function startWorker(): Running<BenchApi> {
  const worker = new Worker(new URL('./bench-worker.ts', import.meta.url));
  return { worker, api: Comlink.wrap<BenchApi>(worker) };
}

export function startFileWorker(): Running<FileApi> {
  const worker = new Worker(new URL('./file-worker.ts', import.meta.url));
  return { worker, api: Comlink.wrap<FileApi>(worker) };
}
