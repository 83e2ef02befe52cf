/** The first arrival at the wall against closed forms: one straight shoot without scatter. */
import { creeper, straight } from '../testing/growing';
import { futuresOf } from './futures';
import { certainYears, growthYearsInside, shareInside } from './inside';
import type { MappedPlant, PlantPlacement } from './map';

const lives = { count: 3, years: 20, seed: 1 };
const planted = (plant: MappedPlant, stride = straight) => [{ plant, futures: futuresOf(plant, stride, lives) }];
/** A shoot in the middle of a tiny ball. */
const shoot: MappedPlant = {
  bulbs: [],
  leads: [{ xCm: 0, yCm: 0, headingDeg: 0 }],
  ball: { xCm: 0, yCm: 0, diameterCm: 0.5 },
};
const years = (stand: PlantPlacement, shape: 'round' | 'square', widthCm: number) =>
  growthYearsInside(planted(shoot), [stand], shape, widthCm)[0]!;

// The tip has arrived a finger (1 cm) from the wall; it creeps 3 cm a year.
test('in a circle: the chord before the shoot over its speed', () => {
  expect(years({ xCm: 0, yCm: 0, turnDeg: 0 }, 'round', 14)).toBeCloseTo((7 - 1) / 3, 9);
  expect(years({ xCm: -4, yCm: 0, turnDeg: 0 }, 'round', 14)).toBeCloseTo((7 - 1 + 4) / 3, 9);
  expect(years({ xCm: -2, yCm: 3, turnDeg: 0 }, 'round', 14)).toBeCloseTo((Math.sqrt(6 ** 2 - 3 ** 2) + 2) / 3, 9);
  for (const turnDeg of [0, 31, 90, 200, -77]) {
    expect(years({ xCm: 0, yCm: 0, turnDeg }, 'round', 12)).toBeCloseTo(5 / 3, 9);
  }
});

test('in a square: to the nearest wall it heads for, and into the corner by the diagonal', () => {
  expect(years({ xCm: -4, yCm: 2, turnDeg: 0 }, 'square', 14)).toBeCloseTo((7 - 1 + 4) / 3, 9);
  expect(years({ xCm: -5, yCm: -5, turnDeg: 45 }, 'square', 14)).toBeCloseTo((11 * Math.SQRT2) / 3, 9);
  expect(years({ xCm: -5, yCm: -5, turnDeg: 60 }, 'square', 14)).toBeCloseTo(11 / (3 * Math.sin(Math.PI / 3)), 9);
});

test('what stands over the rim stays for no time, and a ball that does not fit neither', () => {
  expect(years({ xCm: 6.5, yCm: 0, turnDeg: 0 }, 'round', 14)).toBe(0);
  expect(growthYearsInside(planted(creeper()), [{ xCm: 0, yCm: 0, turnDeg: 0 }], 'round', 7.5)[0]).toBe(0);
});

test('a ring of roots reaches the wall all round: the room beside the ball over its growth', () => {
  const stem = planted({ ...shoot, leads: [] }, { ...straight, stepCm: 0, ringCmPerYear: 0.5 });
  const [first] = growthYearsInside(stem, [{ xCm: 1, yCm: 0, turnDeg: 0 }], 'round', 10);
  expect(first).toBeCloseTo((5 - 1 - 0.25 - 0.5) / 0.5, 9);
});

test('twice the pace, half the years; twice the size of everything, the same years', () => {
  const stand = { xCm: -1, yCm: 0.5, turnDeg: 20 };
  const plant = creeper();
  const slow = { ...straight, wanderDeg: 25, forkingChance: 0.3, paceSpread: 0.2, stepSpread: 0.15 };
  const inYears = growthYearsInside(planted(plant, slow), [stand], 'round', 16);
  const twice = growthYearsInside(planted(plant, { ...slow, stepsAYear: 2 }), [stand], 'round', 16);
  inYears.forEach((one, n) => expect(twice[n]).toBeCloseTo(one / 2, 6));
  const scaled: MappedPlant = {
    bulbs: plant.bulbs.map(({ xCm, yCm }) => ({ xCm: 2 * xCm, yCm: 2 * yCm })),
    leads: plant.leads.map((lead) => ({ ...lead, xCm: 2 * lead.xCm, yCm: 2 * lead.yCm })),
    ball: { xCm: 0, yCm: 0, diameterCm: plant.ball.diameterCm },
  };
  // The finger at the wall stays a finger: the room inside it is what doubles.
  const large = growthYearsInside(
    planted(scaled, { ...slow, stepCm: 6 }),
    [{ xCm: -2, yCm: 1, turnDeg: 20 }],
    'round',
    2 * (2 * (8 - 1) + 1),
  );
  inYears.forEach((one, n) => expect(large[n]).toBeCloseTo(one, 6));
});

test('the share inside falls with the years, and the certain years lie where it says', () => {
  const inside = [1, 2, 3, 4, 5];
  expect([0.5, 1, 1.5, 4.5, 6].map((after) => shareInside(inside, after))).toEqual([1, 1, 0.8, 0.2, 0]);
  expect(certainYears(inside, 0.5, 9)).toBe(3);
  expect(certainYears(inside, 0.75, 9)).toBe(2);
  expect(certainYears([1, Infinity, Infinity], 0.5, 9)).toBe(9);
});
