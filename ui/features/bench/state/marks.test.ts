/** What waits for a drawing hears of it when it is painted, and soon enough where nothing is drawn. */
import { markDrawn, reportDrawn, whenDrawn } from './marks';

const FRAME_MS = 16;

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['performance'] });
  globalThis.requestAnimationFrame = (draw) => Number(setTimeout(() => draw(performance.now()), FRAME_MS));
  performance.clearMarks();
});
afterEach(() => jest.useRealTimers());

const marks = (name: string) => performance.getEntriesByName(`cairn ${name}`).length;

/** Whether it has been heard so far. */
function heard(promise: Promise<void>): () => boolean {
  let isHeard = false;
  void promise.then(() => {
    isHeard = true;
  });
  return () => isHeard;
}

test('the drawing is heard of, and marked, two frames after it stands', async () => {
  markDrawn('first good');
  const isHeard = heard(whenDrawn());
  reportDrawn();
  await jest.advanceTimersByTimeAsync(FRAME_MS);
  expect(isHeard()).toBe(false);
  expect(marks('first good')).toBe(0);
  await jest.advanceTimersByTimeAsync(FRAME_MS);
  expect(isHeard()).toBe(true);
  expect(marks('first good')).toBe(1);
});

test('a page that draws nothing holds nothing up for longer than a quarter of a second', async () => {
  markDrawn('first good');
  const isHeard = heard(whenDrawn());
  await jest.advanceTimersByTimeAsync(249);
  expect(isHeard()).toBe(false);
  await jest.advanceTimersByTimeAsync(1);
  expect(isHeard()).toBe(true);
  reportDrawn();
  await jest.advanceTimersByTimeAsync(2 * FRAME_MS);
});

test('a drawing of nothing new is not marked', async () => {
  reportDrawn();
  await jest.advanceTimersByTimeAsync(2 * FRAME_MS);
  expect(marks('first good') + marks('final')).toBe(0);
});
