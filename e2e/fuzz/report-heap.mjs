/** Loaded beside the server: on a signal it sweeps its heap and writes down, in bytes, what is still in use. */
import { writeFileSync } from 'node:fs';
import { isMainThread } from 'node:worker_threads';

if (isMainThread) {
  process.on('SIGUSR2', () => {
    // What a first sweep lets go of by its finalizers goes with the second.
    globalThis.gc();
    globalThis.gc();
    writeFileSync(process.env.HEAP_TOLD_IN, String(process.memoryUsage().heapUsed));
  });
}
