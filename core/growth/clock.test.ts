import { growthClock, paceByRoots, paceInLight } from './clock';

const usual = { monthIndex: 2, restMonths: [], lightShare: 1, liveRootShare: 0.9 };

test('a year is a year of growth, whether it rests or not', () => {
  for (const restMonths of [[], [11, 0, 1], [10, 11, 0, 1]]) {
    for (const years of [1, 2, 5]) {
      expect(growthClock({ ...usual, restMonths }).growthYears(years)).toBeCloseTo(years, 9);
    }
  }
});

test('nothing grows in rest, and the other months are the faster for it', () => {
  const clock = growthClock({ ...usual, monthIndex: 10, restMonths: [10, 11, 0, 1] });
  expect(clock.growthYears(4 / 12)).toBe(0);
  expect(clock.growthYears(8 / 12)).toBeCloseTo(0.5, 9);
});

test('years and growth are each other’s inverse', () => {
  const clock = growthClock({ monthIndex: 5, restMonths: [11, 0], lightShare: 0.5, liveRootShare: 0.4 });
  for (const growth of [0.05, 0.3, 1, 2.4]) expect(clock.growthYears(clock.years(growth))).toBeCloseTo(growth, 9);
  expect(clock.years(Infinity)).toBe(Infinity);
});

test('poor light slows every year, lost roots the first and half the second', () => {
  const grown = (change: Partial<typeof usual>, from: number, to: number) => {
    const { growthYears } = growthClock({ ...usual, ...change });
    return growthYears(to) - growthYears(from);
  };
  const dark = [grown({ lightShare: 0.3 }, 0, 1), grown({ lightShare: 0.3 }, 4, 5)];
  expect(dark[0]).toBeLessThan(0.8);
  expect(dark[1]).toBeCloseTo(dark[0]!, 9);
  const [first, second, third] = [0, 1, 2].map((year) => grown({ liveRootShare: 0.3 }, year, year + 1));
  expect(first).toBeLessThan(0.6);
  expect(second).toBeCloseTo((1 + first!) / 2, 9);
  expect(third).toBeCloseTo(1, 9);
});

test('more light and more roots never slow it, and no step makes a jump', () => {
  for (const pace of [paceInLight, paceByRoots]) {
    const along = Array.from({ length: 101 }, (_, n) => pace(n / 100));
    along.slice(1).forEach((value, n) => {
      expect(value).toBeGreaterThanOrEqual(along[n]!);
      expect(value - along[n]!).toBeLessThan(0.03);
    });
    expect(along[100]).toBe(1);
  }
});
