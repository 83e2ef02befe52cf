/** Rain in runs. */
import fc from 'fast-check';
import { rainOfMonth } from './rain';

const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0);

test('all the rain of a month falls, on no more days than there are', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 28, max: 31 }),
      fc.double({ min: 0.1, max: 900, noNaN: true }),
      fc.double({ min: 0.2, max: 31, noNaN: true }),
      (days, rainMm, rainDays) => {
        const rain = rainOfMonth(days, rainMm, rainDays);
        expect(rain).toHaveLength(days);
        expect(sum(rain)).toBeCloseTo(rainMm, 6);
        for (const mm of rain) expect(mm).toBeGreaterThanOrEqual(0);
      },
    ),
  );
  expect(sum(rainOfMonth(30, 0, 10))).toBe(0);
  expect(sum(rainOfMonth(30, 100, 0))).toBe(0);
});

test('it comes in runs: dry spells last as long as weather records say, not a day between showers', () => {
  // Mean dry spell 1/(0.75 f) and wet spell 1/(0.75 (1-f)): Geng, Penning de Vries & Supit 1986 (source from memory).
  const spells = (rainDays: number) => {
    const wet = rainOfMonth(30, 100, rainDays).map((mm) => mm > 1);
    let longestDry = 0;
    let dry = 0;
    for (const isWet of wet) {
      dry = isWet ? 0 : dry + 1;
      longestDry = Math.max(longestDry, dry);
    }
    return longestDry;
  };
  // Ten days of thirty: evenly spread there would be two dry days between; in runs there are four.
  expect(spells(10)).toBeGreaterThanOrEqual(3);
  expect(spells(10)).toBeLessThanOrEqual(5);
  expect(spells(4)).toBeGreaterThanOrEqual(7);
  expect(spells(30)).toBe(0);
});

test('a little more rain, or half a rain day more, moves each day a little', () => {
  const largestMove = (step: number): number => {
    let before = rainOfMonth(30, 120, 1);
    let largest = 0;
    for (let rainDays = 1 + step; rainDays <= 30; rainDays += step) {
      const now = rainOfMonth(30, 120, rainDays);
      largest = Math.max(
        largest,
        now.reduce((all, mm, day) => all + Math.abs(mm - before[day]!), 0),
      );
      before = now;
    }
    return largest;
  };
  // A slope gives a fifth of the move at a fifth of the step; a cliff stays a cliff.
  expect(largestMove(0.002)).toBeLessThan(0.35 * largestMove(0.01));
});
