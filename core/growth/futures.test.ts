import { creeper, ordinary, straight } from '../testing/growing';
import { futuresOf } from './futures';
import { reachOf } from './reach';

const asked = { count: 40, years: 5, seed: 7 };
const ends = (stride = ordinary, plant = creeper()) =>
  futuresOf(plant, stride, asked).map(({ creeps }) => creeps.map(({ toX, toY }) => [toX, toY]));

test('the same seed lives the same lives, another seed others', () => {
  expect(ends()).toEqual(ends());
  expect(futuresOf(creeper(), ordinary, { ...asked, seed: 8 })).not.toEqual(futuresOf(creeper(), ordinary, asked));
});

test('without scatter every life is the same straight line, a step a year', () => {
  const plant = creeper();
  for (const { creeps } of futuresOf(plant, straight, asked)) {
    expect(creeps).toHaveLength(5);
    creeps.forEach(({ fromYears, toYears, toX, toY }, n) => {
      expect([fromYears, toYears]).toEqual([n, n + 1]);
      expect(toX).toBeCloseTo(plant.leads[0]!.xCm + 3 * (n + 1), 9);
      expect(toY).toBeCloseTo(0, 9);
    });
  }
});

test('headings scatter as asked: after one step by the wander, after four by twice that', () => {
  const lives = futuresOf(creeper(), { ...straight, wanderDeg: 10 }, { count: 4000, years: 4, seed: 3 });
  const spreadOf = (step: number) => {
    const headings = lives.map(({ creeps }) => {
      const { fromX, fromY, toX, toY } = creeps[step]!;
      return (Math.atan2(toY - fromY, toX - fromX) * 180) / Math.PI;
    });
    return Math.sqrt(headings.reduce((sum, heading) => sum + heading * heading, 0) / headings.length);
  };
  expect(spreadOf(0)).toBeCloseTo(10, 0);
  expect(spreadOf(3)).toBeGreaterThan(19);
  expect(spreadOf(3)).toBeLessThan(21);
});

test('steps and paces have the mean that was asked for, whatever their spread', () => {
  const lives = futuresOf(
    creeper(),
    { ...straight, stepSpread: 0.3, paceSpread: 0.3 },
    { count: 4000, years: 1, seed: 5 },
  );
  const firsts = lives.map(({ creeps }) => creeps[0]!);
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  expect(mean(firsts.map(({ fromX, toX }) => toX - fromX))).toBeCloseTo(3, 1);
  expect(mean(firsts.map(({ toYears }) => toYears))).toBeCloseTo(1, 1);
});

test('a shoot in so many forks; those that do not live on as they would have', () => {
  const forking = futuresOf(creeper(), { ...ordinary, forkingChance: 0.25 }, { count: 2000, years: 1.0001, seed: 9 });
  const plain = futuresOf(creeper(), { ...ordinary, forkingChance: 0 }, { count: 2000, years: 1.0001, seed: 9 });
  const forked = forking.filter(({ creeps }) => creeps.filter(({ fromYears }) => fromYears > 0).length > 1);
  const grownOn = plain.filter(({ creeps }) => creeps.some(({ fromYears }) => fromYears > 0));
  expect(forked.length / grownOn.length).toBeGreaterThan(0.2);
  expect(forked.length / grownOn.length).toBeLessThan(0.3);
  forking.forEach(({ creeps }, life) => expect(creeps[0]).toEqual(plain[life]!.creeps[0]));
});

test('where leads share the shoots of a plant, what forks makes a few more of them, and not twice as many', () => {
  const count = (sharesShoots: boolean) =>
    futuresOf(creeper(), { ...ordinary, forkingChance: 0.5, sharesShoots }, { count: 400, years: 6, seed: 2 }).reduce(
      (sum, { creeps }) => sum + creeps.filter(({ toYears }) => toYears <= 6).length,
      0,
    ) / 400;
  expect(count(true)).toBeLessThan(7.5);
  expect(count(true)).toBeGreaterThan(4);
  expect(count(false)).toBeGreaterThan(12);
});

test('a plant that does not creep has roots that spread, and no shoots that step', () => {
  const stem = { bulbs: [], leads: [], ball: { xCm: 0, yCm: 0, diameterCm: 8 } };
  for (const { creeps, ringCmPerYear } of futuresOf(stem, { ...ordinary, stepCm: 0, ringCmPerYear: 0.5 }, asked)) {
    expect(creeps).toEqual([]);
    expect(ringCmPerYear).toBeGreaterThan(0.2);
    expect(ringCmPerYear).toBeLessThan(1);
  }
});

test('what is looked at grows with the number of futures, and no faster', () => {
  const points = (count: number) => {
    const futures = futuresOf(creeper(), ordinary, { count, years: 4, seed: 5 });
    return reachOf(creeper(), futures, 4).x.length;
  };
  for (const count of [64, 128, 256]) {
    expect(points(2 * count) / points(count)).toBeGreaterThan(1.9);
    expect(points(2 * count) / points(count)).toBeLessThan(2.1);
  }
});
