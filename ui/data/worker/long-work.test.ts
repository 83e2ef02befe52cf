/** One long computation at a time: asking anew ends the one that runs, and so does cancelling. */
import type * as Comlink from 'comlink';
import { LongWork, type Running } from './long-work';

interface FakeWorker extends Running<object> {
  readonly isEnded: () => boolean;
}

function workers() {
  const started: FakeWorker[] = [];
  const start = (): Running<object> => {
    let isEnded = false;
    const fake: FakeWorker = {
      worker: {
        terminate: () => {
          isEnded = true;
        },
      },
      api: {} as Comlink.Remote<object>,
      isEnded: () => isEnded,
    };
    started.push(fake);
    return fake;
  };
  return { started, start };
}

/** An answer that comes when the test says so. */
function later<T>() {
  let settle: (value: T) => void = () => undefined;
  let fail: (error: unknown) => void = () => undefined;
  const promise = new Promise<T>((resolve, reject) => {
    settle = resolve;
    fail = reject;
  });
  return { promise, settle, fail };
}

test('an answer is done, an error is failed with its sentence', async () => {
  const work = new LongWork(workers().start);
  expect(await work.run(() => Promise.resolve(7))).toEqual({ status: 'done', value: 7 });
  expect(await work.run(() => Promise.reject(new Error('no air')))).toEqual({ status: 'failed', message: 'no air' });
});

test('one worker serves one question after another', async () => {
  const { started, start } = workers();
  const work = new LongWork(start);
  await work.run(() => Promise.resolve(1));
  await work.run(() => Promise.resolve(2));
  expect(started).toHaveLength(1);
  expect(started[0]!.isEnded()).toBe(false);
});

test('cancelling ends the worker at once; its late answer changes nothing', async () => {
  const { started, start } = workers();
  const work = new LongWork(start);
  const answer = later<number>();
  const outcome = work.run(() => answer.promise);
  work.cancel();
  expect(started[0]!.isEnded()).toBe(true);
  answer.settle(1);
  expect(await outcome).toEqual({ status: 'cancelled' });
});

test('asking anew cancels what runs and starts afresh', async () => {
  const { started, start } = workers();
  const work = new LongWork(start);
  const slow = later<string>();
  const first = work.run(() => slow.promise);
  const second = work.run(() => Promise.resolve('second'));
  expect(await first).toEqual({ status: 'cancelled' });
  expect(await second).toEqual({ status: 'done', value: 'second' });
  expect(started.map((worker) => worker.isEnded())).toEqual([true, false]);
});

test('cancelling when nothing runs keeps the warm worker', async () => {
  const { started, start } = workers();
  const work = new LongWork(start);
  await work.run(() => Promise.resolve(1));
  work.cancel();
  expect(started[0]!.isEnded()).toBe(false);
  work.close();
  expect(started[0]!.isEnded()).toBe(true);
});
