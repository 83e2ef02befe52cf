import { chances } from '../testing/days';
import { differenceSeen, plantsForMeans, plantsForShares } from './size';
import { compareTrial, fisherP, shares, welch } from './verdict';

describe('how many plants', () => {
  // Cohen 1988, table 2.4.1 (two-sided 0.05, power 0.8): 393, 64, 26, 17 on a side (from memory).
  test.each([
    [0.2, 393],
    [0.5, 64],
    [0.8, 26],
    [1, 17],
  ])('a difference of %s spreads takes %s, as the tables say', (difference, plants) => {
    expect(Math.abs(plantsForMeans(difference, 1) - plants)).toBeLessThanOrEqual(1);
  });

  // Fleiss 1981, without the correction for continuity (from memory).
  test.each([
    [0.9, 0.6, 32],
    [0.5, 0.8, 39],
    [0.6, 0.7, 356],
  ])('%s against %s takes %s', (one, other, plants) => {
    expect(Math.abs(plantsForShares(one, other) - plants)).toBeLessThanOrEqual(2);
  });

  test('so many plants see the difference that they were reckoned for', () => {
    for (const difference of [0.4, 0.8, 1.2]) {
      const plants = plantsForMeans(difference, 1);
      expect(differenceSeen(plants, 1)).toBeLessThanOrEqual(difference);
      expect(differenceSeen(plants - 1, 1)).toBeGreaterThan(difference * 0.97);
    }
  });
});

describe('what the numbers say', () => {
  test('Welch against a worked example (a textbook pair of unequal spread, from memory: means 20.8 and 23.0, t 2.46, 25 degrees, p 0.021)', () => {
    const one = [27.5, 21.0, 19.0, 23.6, 17.0, 17.9, 16.9, 20.1, 21.9, 22.6, 23.1, 19.6, 19.0, 21.7, 21.4];
    const other = [27.1, 22.0, 20.8, 23.4, 23.4, 23.5, 25.8, 22.0, 24.8, 20.2, 21.9, 22.1, 22.9, 20.5, 24.4];
    const { difference, pValue } = welch(one, other);
    expect(difference).toBeCloseTo(2.2, 1);
    expect(pValue).toBeCloseTo(0.021, 3);
  });

  test('Fisher: the lady tasting tea (R. A. Fisher, The Design of Experiments, 1935): three of four right is 0.486, all four 0.029', () => {
    expect(fisherP(3, 4, 1, 4)).toBeCloseTo(34 / 70, 6);
    expect(fisherP(4, 4, 0, 4)).toBeCloseTo(2 / 70, 6);
  });

  test('Newcombe 1998, method 10, his example (a): 56 of 70 against 48 of 80 lies between 0.0524 and 0.3339', () => {
    const row = (yes: number, of: number) => Array.from({ length: of }, (_, n) => (n < yes ? 1 : 0));
    const { from, to, difference } = shares(row(48, 80), row(56, 70));
    expect(difference).toBeCloseTo(0.2, 6);
    expect(from).toBeCloseTo(0.0524, 3);
    expect(to).toBeCloseTo(0.3339, 3);
  });

  const trial = (one: readonly number[], other: readonly number[], matters = 1) =>
    compareTrial(
      [
        { name: 'pot', values: one },
        { name: 'mount', values: other },
      ],
      false,
      matters,
    )[0]!;

  test('it says when it cannot tell, when there are too few, and when no difference that matters is left', () => {
    expect(trial([5, 7, 6], [6, 8, 7]).verdict).toBe('cannot tell');
    expect(trial([5, 6], [6, 8, 7]).verdict).toBe('too few');
    const alike = Array.from({ length: 20 }, (_, n) => 6 + (n % 3) * 0.1);
    expect(trial(alike, alike).verdict).toBe('no difference that matters');
    expect(trial([2, 3, 2, 3, 2], [7, 8, 7, 8, 7]).verdict).toBe('a difference');
    expect(trial([4, 4, 4], [4, 4, 4])).toMatchObject({ pValue: 1, verdict: 'no difference that matters' });
  });

  test('without any difference one is seen in about one trial of twenty, and with many sides no oftener', () => {
    const falseAlarms = (sides: number) => {
      let seen = 0;
      for (let seed = 1; seed <= 400; seed += 1) {
        const chance = chances(seed);
        // A sum of many small chances is near enough to a bell.
        const value = () => Array.from({ length: 12 }, chance).reduce((sum, one) => sum + one, -6);
        const rows = Array.from({ length: sides }, (_, n) => ({
          name: `${n}`,
          values: Array.from({ length: 8 }, value),
        }));
        if (compareTrial(rows, false, 1).some(({ verdict }) => verdict === 'a difference')) seen += 1;
      }
      return seen / 400;
    };
    expect(falseAlarms(2)).toBeGreaterThan(0.01);
    expect(falseAlarms(2)).toBeLessThan(0.09);
    expect(falseAlarms(4)).toBeLessThan(0.09);
  });

  test('a difference of the size it was reckoned for is seen in about four trials of five', () => {
    const plants = plantsForMeans(1, 1);
    let seen = 0;
    for (let seed = 1; seed <= 300; seed += 1) {
      const chance = chances(1000 + seed);
      const value = (middle: number) => () =>
        Array.from({ length: 12 }, chance).reduce((sum, one) => sum + one, -6) + middle;
      const [one, other] = [0, 1].map((middle) => Array.from({ length: plants }, value(middle)));
      if (trial(one!, other!).verdict === 'a difference') seen += 1;
    }
    expect(seen / 300).toBeGreaterThan(0.72);
    expect(seen / 300).toBeLessThan(0.88);
  });
});
