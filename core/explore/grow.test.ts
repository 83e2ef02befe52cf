/** Growth as it is asked for: in pots by size, and from above for a screen. */
import { contextOf } from '../decide/setups';
import { makePot } from '../catalogue/vessels';
import { planCaseSchema, resolveCase } from '../testing';
import { growthInPots, growthView } from './grow';

const creeper = planCaseSchema.parse({ genus: 'cattleya-unifoliate', place: 'heated-flat' });
const round14 = makePot('plastic-round', 14);

test('ten sizes about the one that lasts the years wanted; the smallest that does is named', () => {
  const { pots, smallest, yearsWanted, neededCm } = growthInPots(creeper, []);
  expect(pots).toHaveLength(10);
  const first = pots.find(({ years }) => years >= yearsWanted)!;
  expect(smallest).toEqual({ shape: 'round', widthCm: first.widthCm });
  expect(Math.abs(first.widthCm - neededCm.round![1]!)).toBeLessThan(2);
  for (const { years, yearsInTheMiddle } of pots) expect(years).toBeGreaterThanOrEqual(yearsInTheMiddle - 0.05);
});

test('only the pots that are named are looked at, squares too; none may last', () => {
  const { pots, smallest } = growthInPots(creeper, [
    { shape: 'square', widthCm: 9 },
    { shape: 'round', widthCm: 9 },
  ]);
  expect(pots.map(({ shape, widthCm }) => [shape, widthCm])).toEqual([
    ['square', 9],
    ['round', 9],
  ]);
  expect(smallest).toBeNull();
});

test('from above: as it stands best, or as it was moved, and what that costs', () => {
  const context = contextOf(resolveCase(creeper));
  const best = growthView(context, round14, null);
  expect(best.shown).toEqual(best.best);
  expect(best.sizes.map(({ rimDiameterCm }) => rimDiameterCm)).toContain(14);
  best.sizes.slice(1).forEach(({ years }, n) => expect(years).toBeGreaterThan(best.sizes[n]!.years));
  const moved = growthView(context, round14, [{ xCm: 3, yCm: 0, turnDeg: 0 }]);
  expect(moved.best).toEqual(best.best);
  expect(moved.shown.years).toBeLessThan(best.shown.years - 1);
  // Tips creep on: those of the fourth year are farther from where they began than those of the first.
  const far = (year: number) =>
    best.tipsByYear[year]!.reduce((sum, { xCm }) => sum + xCm, 0) / best.tipsByYear[year]!.length;
  expect(far(3)).toBeGreaterThan(far(0) + 4);
});

test('a map that was drawn is what grows: turned round it grows the other way, and stands the same', () => {
  const line = (by: 1 | -1) => ({
    plants: [
      {
        bulbs: [
          { xCm: -4 * by, yCm: 0 },
          { xCm: -1 * by, yCm: 0 },
        ],
        leads: [{ xCm: 2 * by, yCm: 0, headingDeg: by === 1 ? 0 : 180 }],
      },
    ],
  });
  const [east, west] = ([1, -1] as const).map((by) =>
    growthInPots({ ...creeper, growthMap: line(by) }, [{ shape: 'round', widthCm: 15 }]),
  );
  expect(east!.isMapped).toBe(true);
  expect(west!.pots[0]!.years).toBeCloseTo(east!.pots[0]!.years, 1);
  expect(west!.pots[0]!.position).toBe('back to the wall');
});

test('a plant drawn without a lead does not stand still: its newest bulb leads on, away from the one before it', () => {
  const bulbs = [
    { xCm: 0, yCm: -3 },
    { xCm: 0, yCm: 0 },
    { xCm: 4, yCm: 0, isSpent: true },
  ];
  const drawn = { ...creeper, growthMap: { plants: [{ bulbs, leads: [] }] } };
  const { pots, plants } = growthInPots(drawn, [{ shape: 'round', widthCm: 14 }]);
  expect(plants[0]!.leads).toEqual([{ xCm: 0, yCm: 0, headingDeg: 90 }]);
  expect(plants[0]!.bulbs).toHaveLength(2);
  expect(pots[0]!.isBeyond).toBe(false);
  const stem = growthInPots({ ...drawn, genus: 'phalaenopsis' }, [{ shape: 'round', widthCm: 14 }]);
  expect(stem.plants[0]!.leads).toEqual([]);
});

test('four plants and more count as one clump', () => {
  const many = growthInPots({ ...creeper, plantCount: 5 }, [{ shape: 'round', widthCm: 30 }]);
  expect(many.plants).toHaveLength(1);
  expect(many.plants[0]!.leads.length).toBeGreaterThanOrEqual(5);
});
