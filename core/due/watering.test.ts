import { nextWatering, plantFactorOf } from './watering';

const even = (days: number) => Array.from({ length: 12 }, () => days);

describe('the next watering', () => {
  test('comes after the days of its month', () => {
    expect(nextWatering('2026-06-01', even(6), 1)).toEqual({ on: '2026-06-07', days: expect.closeTo(6, 6) });
    expect(nextWatering('2026-06-01', even(6), 1.5).on).toBe('2026-06-10');
  });

  test('over the end of a month each day dries its own share', () => {
    const days = even(4);
    days[6] = 8;
    // 29 and 30 June dry half, July the other half at 8 days: 2 + 4.
    expect(nextWatering('2026-06-29', days, 1).days).toBeCloseTo(6, 6);
  });

  test('a pot that dries in less than a day is still told once', () => {
    expect(nextWatering('2026-06-01', even(0.2), 1).days).toBeCloseTo(0.5, 6);
  });
});

describe('what a finger found', () => {
  const after = (felt: 'still wet' | 'just right' | 'dry', afterDays: number, times = 1) =>
    plantFactorOf(Array.from({ length: times }, () => ({ felt, afterDays, reckonedDays: 6 })));

  test('without any it dries as reckoned', () => {
    expect(plantFactorOf([])).toEqual({ factor: 1, spread: 0.3 });
  });

  test('still wet makes it later, dry sooner; more of it makes it surer', () => {
    expect(after('still wet', 6).factor).toBeGreaterThan(1);
    expect(after('dry', 6).factor).toBeLessThan(1);
    expect(after('just right', 6).factor).toBe(1);
    expect(after('dry', 6, 5).factor).toBeLessThan(after('dry', 6).factor);
    expect(after('dry', 6, 5).spread).toBeLessThan(after('dry', 6).spread);
  });

  test('just right after nine days, often, says nine days', () => {
    expect(6 * after('just right', 9, 60).factor).toBeCloseTo(9, 0);
  });

  test('one finding by the closed form: precision-weighted mean of the logs', () => {
    const [prior, felt] = [1 / 0.3 ** 2, 1 / 0.2 ** 2];
    expect(after('just right', 9).factor).toBeCloseTo(Math.exp((felt * Math.log(1.5)) / (prior + felt)), 12);
  });

  test('what cannot be is left out', () => {
    expect(plantFactorOf([{ felt: 'dry', afterDays: 0, reckonedDays: 6 }]).factor).toBe(1);
  });
});
