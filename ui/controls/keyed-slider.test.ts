/** @jest-environment node */
import { keyTarget } from './keyed-slider';

const at = { value: 5, min: 0, max: 10, step: 0.5, bigStep: 4 };

test('arrows move by a step, pages by a big one, home and end to the ends', () => {
  expect(keyTarget('ArrowRight', at)).toBe(5.5);
  expect(keyTarget('ArrowDown', at)).toBe(4.5);
  expect(keyTarget('PageUp', at)).toBe(9);
  expect(keyTarget('PageDown', at)).toBe(1);
  expect(keyTarget('Home', at)).toBe(0);
  expect(keyTarget('End', at)).toBe(10);
});

test('never beyond the ends, and other keys are left alone', () => {
  expect(keyTarget('PageUp', { ...at, value: 9.5 })).toBe(10);
  expect(keyTarget('ArrowLeft', { ...at, value: 0 })).toBe(0);
  expect(keyTarget('a', at)).toBeNull();
});
