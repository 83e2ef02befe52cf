import { creeper, ordinary, straight } from '../testing/growing';
import { steadyClock } from './clock';
import { forecastOf, type GrowthQuestion } from './forecast';
import { type MappedPlant, type PlantPlacement, placedAt } from './map';
import type { Stride } from './stride';

const ask = (change: Partial<GrowthQuestion> = {}) =>
  forecastOf({
    plants: [creeper()],
    stride: ordinary,
    clock: steadyClock,
    certainty: 0.5,
    seed: 20,
    lives: 128,
    ...change,
  });
const withStride = (change: Partial<Stride>, more: Partial<GrowthQuestion> = {}) =>
  ask({ stride: { ...ordinary, ...change }, ...more });

test('one straight shoot: ball, growth and a finger at each end, to a tenth of a centimetre', () => {
  const forecast = ask({ stride: straight });
  const plant = creeper();
  for (const years of [1, 2, 3, 4]) {
    const byHand = 0.5 + 3.5 + plant.leads[0]!.xCm + 3 * years + 1;
    expect(Math.abs(forecast.neededCm('round', years) - byHand)).toBeLessThan(0.1);
    const { years: lasts } = forecast.bestIn('round', byHand);
    expect(Math.abs(lasts - years)).toBeLessThan(0.1);
  }
});

test('the way a plant is laid down changes nothing', () => {
  const by: PlantPlacement = { xCm: 2, yCm: 9, turnDeg: 141 };
  const plant = creeper({ leads: 2 });
  const turned: MappedPlant = {
    bulbs: plant.bulbs.map((bulb) => placedAt(bulb, by)),
    leads: plant.leads.map((lead) => ({ ...placedAt(lead, by), headingDeg: lead.headingDeg + 141 })),
    ball: { ...placedAt(plant.ball, by), diameterCm: plant.ball.diameterCm },
  };
  const [first, second] = [ask({ plants: [plant] }), ask({ plants: [turned] })];
  for (const shape of ['round', 'square'] as const) {
    for (const years of [1, 3]) {
      expect(Math.abs(first.neededCm(shape, years) - second.neededCm(shape, years))).toBeLessThan(0.25);
    }
  }
});

test('more futures bring it nearer to one value', () => {
  const at = (lives: number, seed: number) => ask({ lives, seed }).neededCm('round', 3);
  const spread = (lives: number) => {
    const widths = [1, 2, 3, 4, 5, 6].map((seed) => at(lives, 1000 * seed));
    return Math.max(...widths) - Math.min(...widths);
  };
  const [few, many] = [spread(32), spread(512)];
  expect(many).toBeLessThan(few / 2);
  expect(many).toBeLessThan(0.6);
});

test('never worse than the middle, whatever the plant, the pot and the certainty', () => {
  const plants = [
    creeper(),
    creeper({ leads: 2 }),
    creeper({ runs: 'two ways', leads: 2 }),
    creeper({ runs: 'all round', leads: 3 }),
  ];
  for (const plant of plants) {
    for (const certainty of [0.5, 0.8]) {
      const forecast = ask({ plants: [plant], certainty });
      for (const shape of ['round', 'square'] as const) {
        for (const widthCm of [9, 12, 15, 20]) {
          const best = forecast.bestIn(shape, widthCm).years;
          for (const turnDeg of shape === 'round' ? [0] : [0, 22.5, 45]) {
            const middle = forecast.standing(shape, widthCm, [{ xCm: 0, yCm: 0, turnDeg }]).years;
            expect(best).toBeGreaterThanOrEqual(middle - 0.08);
          }
        }
      }
    }
  }
});

test('a wider pot lasts longer, and no centimetre makes a leap', () => {
  const forecast = ask();
  const widths = Array.from({ length: 45 }, (_, n) => 8 + n * 0.4);
  const lasts = widths.map((widthCm) => forecast.bestIn('round', widthCm).years);
  lasts.slice(1).forEach((years, n) => {
    expect(years).toBeGreaterThan(lasts[n]! - 0.06);
    expect(years - lasts[n]!).toBeLessThan(0.4);
  });
  expect(lasts[lasts.length - 1]).toBeGreaterThan(4);
});

test.each<[string, (value: number) => Partial<Stride>, readonly number[]]>([
  ['the step', (stepCm) => ({ stepCm }), [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5]],
  ['the pace', (stepsAYear) => ({ stepsAYear }), [0.5, 0.75, 1, 1.25, 1.5, 1.75, 2]],
])('longer by %s: more room, evenly', (_, change, values) => {
  const needed = values.map((value) => withStride(change(value)).neededCm('round', 2));
  needed.slice(1).forEach((width, n) => {
    expect(width).toBeGreaterThanOrEqual(needed[n]!);
    expect(width - needed[n]!).toBeLessThan(2.2);
  });
});

test('who wants to be surer needs a wider pot, and more wandering makes it less sure', () => {
  const at = [0.5, 0.6, 0.7, 0.8, 0.9, 0.95].map((certainty) => ask({ certainty }).neededCm('round', 3));
  at.slice(1).forEach((width, n) => expect(width).toBeGreaterThan(at[n]!));
  const spread = (wanderDeg: number) =>
    withStride({ wanderDeg }, { certainty: 0.9 }).neededCm('round', 3) - withStride({ wanderDeg }).neededCm('round', 3);
  expect(spread(30)).toBeGreaterThan(spread(0));
});

test('the chance of being inside falls with the years, and is what was asked for in the pot that was asked for', () => {
  const forecast = ask({ lives: 512 });
  const widthCm = forecast.neededCm('round', 2);
  const { stands } = forecast.bestIn('round', widthCm);
  const chances = [1, 2, 3, 4].map((years) => forecast.chanceInside('round', widthCm, stands, years));
  chances.slice(1).forEach((chance, n) => expect(chance).toBeLessThanOrEqual(chances[n]!));
  expect(Math.abs(chances[1]! - 0.5)).toBeLessThan(0.06);
});

test('several plants keep clear of each other: their shoots never come nearer than a plant is wide in most futures', () => {
  const forecast = ask({ plants: [creeper(), creeper()] });
  const { stands } = forecast.bestIn('round', forecast.neededCm('round', 2));
  const apart = Math.hypot(stands[0]!.xCm - stands[1]!.xCm, stands[0]!.yCm - stands[1]!.yCm);
  expect(apart).toBeGreaterThan(0.85 * 7 - 0.1);
  expect(forecast.neededCm('round', 2)).toBeGreaterThan(ask().neededCm('round', 2) + 3);
});

test('in a pot too narrow for the ball it stays for no time, in one as wide as a table for longer than is followed', () => {
  expect(ask().bestIn('round', 6).years).toBe(0);
  expect(ask().bestIn('round', 90)).toMatchObject({ isBeyond: true });
});
