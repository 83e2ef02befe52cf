import { madeUpDay } from '../testing/days';
import { byClock, orderCost } from './clock';
import { bestOrder, greedyOrder, plainOrder } from './order';
import type { PlantWork } from './work';

const ids = (order: readonly PlantWork[]) => order.map(({ id }) => id);

/** Heap's way of making every order, other than the one under test. */
function* permutations<T>(of: readonly T[]): Generator<readonly T[]> {
  const row = [...of];
  const turns = row.map(() => 0);
  yield [...row];
  for (let at = 0; at < row.length;) {
    if (turns[at]! < at) {
      const other = at % 2 === 0 ? 0 : turns[at]!;
      [row[other], row[at]] = [row[at]!, row[other]!];
      yield [...row];
      turns[at]! += 1;
      at = 0;
    } else {
      turns[at] = 0;
      at += 1;
    }
  }
}

describe('the clock', () => {
  const days = Array.from({ length: 120 }, (_, seed) => madeUpDay(seed + 1, 1 + (seed % 25)));

  test('every plant is done once, after its soak and its fizz, and never two by the same hands at once', () => {
    for (const { works, setting } of days) {
      const { times, endMin } = byClock(works, setting);
      expect(times.map(({ id }) => id)).toEqual(ids(works));
      for (const [n, { soakFromMin, beginMin, fizzFromMin, endMin: doneMin }] of times.entries()) {
        const { soakMin, firstMin, fizzMin, secondMin } = works[n]!;
        expect(soakFromMin === null).toBe(soakMin === 0);
        if (soakFromMin !== null) expect(beginMin).toBeGreaterThanOrEqual(soakFromMin + soakMin);
        expect(doneMin).toBeGreaterThanOrEqual(beginMin + firstMin + fizzMin + secondMin - 1e-9);
        if (fizzFromMin !== null) expect(doneMin).toBeGreaterThanOrEqual(fizzFromMin + fizzMin + secondMin - 1e-9);
        expect(endMin).toBeGreaterThanOrEqual(doneMin);
      }
      // Hands are busy no longer than there are minutes of them.
      const busyMin = works.reduce((sum, { firstMin, secondMin }) => sum + firstMin + secondMin, 0);
      expect(busyMin).toBeLessThanOrEqual(setting.hands * (endMin - setting.mixingMin) + 1e-6);
    }
  });

  test('pots that soak at the same time have room beside each other', () => {
    for (const { works, setting } of days) {
      const { times } = byClock(works, setting);
      for (const { soakFromMin: nowMin } of times) {
        if (nowMin === null) continue;
        const together = works.filter((_, n) => {
          const { soakFromMin, beginMin } = times[n]!;
          return soakFromMin !== null && soakFromMin <= nowMin && beginMin > nowMin;
        });
        const widthCm = together.reduce((sum, { soakCm }) => sum + soakCm, 0);
        if (together.length > 1) expect(widthCm).toBeLessThanOrEqual(setting.benchCm);
      }
    }
  });

  test('while one fizzes, hands take up the next: two with a fizz take less than twice one', () => {
    const { works, setting } = madeUpDay(5, 2);
    const fizzing = works.map((work, n) => ({
      ...work,
      id: `${n}`,
      soakMin: 0,
      fizzMin: 10,
      mixKey: 'one',
      isSuspect: false,
    }));
    const plain = { ...setting, hands: 1, mixingMin: 0, sun: null };
    const alone = fizzing.map((work) => byClock([work], plain).endMin);
    expect(byClock(fizzing, plain).endMin).toBeLessThan(alone[0]! + alone[1]! - 5);
  });

  test('more hands never end later; the sun costs only shade plants', () => {
    for (const { works, setting } of days) {
      const one = byClock(works, { ...setting, hands: 1 }).endMin;
      expect(byClock(works, { ...setting, hands: 4 }).endMin).toBeLessThanOrEqual(one + 1e-9);
      const hardy = works.map((work) => ({ ...work, isTender: false }));
      expect(orderCost(hardy, setting)).toBe(orderCost(hardy, { ...setting, sun: null }));
    }
  });
});

describe('the order', () => {
  test('on 500 made-up days never worse than the order given, the plain rule or a greedy choice', () => {
    let better = 0;
    for (let seed = 1; seed <= 500; seed += 1) {
      const { works, setting } = madeUpDay(seed, 2 + (seed % 19));
      const best = bestOrder(works, setting);
      expect([...ids(best)].sort()).toEqual([...ids(works)].sort());
      const cost = orderCost(best, setting);
      const others = [works, plainOrder(works), greedyOrder(works, setting)].map((order) => orderCost(order, setting));
      expect(cost).toBeLessThanOrEqual(Math.min(...others) + 1e-9);
      if (cost < Math.min(...others) - 1) better += 1;
    }
    // It finds something on most of them, or the test tells nothing.
    expect(better).toBeGreaterThan(250);
  });

  test('on small days none is cheaper, of all there are', () => {
    for (let seed = 1; seed <= 40; seed += 1) {
      const { works, setting } = madeUpDay(seed, 2 + (seed % 5));
      const least = Math.min(...[...permutations(works)].map((order) => orderCost(order, setting)));
      expect(orderCost(bestOrder(works, setting), setting)).toBeCloseTo(least, 9);
    }
  });

  test('mended days come near the exact ones', () => {
    // Eight plants are mended, not counted out: here every order is.
    for (const seed of [3, 7, 21]) {
      const { works, setting } = madeUpDay(seed, 8);
      let least = Infinity;
      for (const order of permutations(works)) least = Math.min(least, orderCost(order, setting));
      expect(orderCost(bestOrder(works, setting), setting)).toBeLessThan(1.05 * least);
    }
  });

  test('common practice, no source: emergencies first, the sick last, the same mix together', () => {
    const sound = { isUrgent: false, isSuspect: false, isDirty: false, isTender: false, fizzMin: 0, litres: 1 };
    const { works, setting } = madeUpDay(11, 6);
    const marked = works.map((work, n) => ({ ...work, ...sound, mixKey: n % 2 === 0 ? 'bark' : 'moss' }));
    const [emergency, sick] = [
      { ...marked[3]!, isUrgent: true },
      { ...marked[0]!, isSuspect: true },
    ];
    const order = bestOrder([sick, marked[1]!, marked[2]!, emergency, marked[4]!, marked[5]!], setting);
    expect(order[0]!.id).toBe(emergency.id);
    expect(order.at(-1)!.id).toBe(sick.id);
    const changes = order.filter((one, n) => n > 0 && order[n - 1]!.mixKey !== one.mixKey).length;
    expect(changes).toBeLessThanOrEqual(2);
  });

  test('common practice, no source: what is full of rotten medium comes before clean work', () => {
    const { setting, works } = madeUpDay(13, 2);
    const plain = {
      isUrgent: false,
      isSuspect: false,
      isTender: false,
      mixKey: 'one',
      litres: 1,
      fizzMin: 0,
      soakMin: 0,
      firstMin: 5,
      secondMin: 5,
    };
    const [clean, dirty] = works.map((work, n) => ({ ...work, ...plain, isDirty: n === 1 }));
    expect(ids(bestOrder([clean!, dirty!], { ...setting, hands: 1 }))).toEqual([dirty!.id, clean!.id]);
  });
});
