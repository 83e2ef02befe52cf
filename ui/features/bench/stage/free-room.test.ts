/** The words beside the level line lie on no curve. */
import { freeRoom } from './free-room';

const chart = { left: 0, right: 300, top: 0, bottom: 100, y: 80, widthPx: 70, heightPx: 16 };

/** A point every two pixels. */
const curve = (yAt: (x: number) => number) => Array.from({ length: 151 }, (_, at) => ({ x: 2 * at, y: yAt(2 * at) }));

test('a curve that has gone far below the line leaves the room above it at the right', () => {
  expect(freeRoom({ ...chart, curves: [curve((x) => Math.min(99, x / 2))] })).toEqual({ side: 'right', lies: 'above' });
});

test('one that comes to the line only at its end leaves the left', () => {
  expect(freeRoom({ ...chart, curves: [curve((x) => x / 3)] })).toEqual({ side: 'left', lies: 'above' });
});

test('one that lies just over the line at its end, as with a wick, leaves the room below it', () => {
  expect(freeRoom({ ...chart, curves: [curve((x) => Math.min(72, x))] })).toEqual({ side: 'right', lies: 'below' });
});

test('where nothing is free below, it goes to the left', () => {
  const low = { ...chart, y: 92 };
  expect(freeRoom({ ...low, curves: [curve((x) => Math.min(86, x))] })).toEqual({ side: 'left', lies: 'above' });
});

test('where every room is taken the least full is chosen, and never one outside the chart', () => {
  const all = curve((x) => 84 + (x % 4));
  const room = freeRoom({ ...chart, y: 90, curves: [all, curve((x) => Math.min(80, x))] });
  expect(room.lies).toBe('above');
});
