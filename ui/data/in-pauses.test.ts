/** @jest-environment jsdom */
import { inPauses } from './in-pauses';

test('one piece at a time, in order, with a pause between', async () => {
  jest.useFakeTimers();
  const begun: string[] = [];
  let finishFirst: () => void = () => undefined;
  const all = inPauses([
    () => {
      begun.push('first');
      return new Promise<void>((resolve) => (finishFirst = resolve));
    },
    () => {
      begun.push('second');
      return Promise.resolve();
    },
  ]);
  expect(begun).toEqual(['first']);
  await jest.advanceTimersByTimeAsync(1000);
  expect(begun).toEqual(['first']);
  finishFirst();
  await jest.advanceTimersByTimeAsync(60);
  await all;
  expect(begun).toEqual(['first', 'second']);
  jest.useRealTimers();
});
