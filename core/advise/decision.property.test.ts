/**
 * What must hold of every decision, whatever the plant, place and time: forty random cases. A shelf
 * of one pot keeps each plan small, and every pot has its turn; the pool is planned once for all tests.
 */
import fc from 'fast-check';
import { type PlanCase, potOf, realise } from '../case';
import { genusIds } from '../catalogue/genera';
import { demoPlaces } from '../catalogue/places';
import { contextOf, factsOf } from '../decide/setups';
import { daysOf, dryingTime } from '../physics/drydown';
import { heaviestPart, meanPieceMm } from '../physics/media';
import type { Place } from '../physics/places';
import { languageFaults } from '../testing/language';
import { metricWords, type PlanAnswer, type SetupAnswer, wordPlan } from '../words';
import type { SetupFacts } from './setup-facts';
import { makePlan, resolveCase, reviewSetup } from '../testing';

const CASES = 40;
const SEED = 20261125;

const anyShelf = fc.record({
  potKindId: fc.constantFrom('plastic-round', 'plastic-clear-cone', 'plastic-slotted', 'clay-unglazed', 'wick-pot'),
  rimDiameterCm: fc.integer({ min: 9, max: 20 }),
  count: fc.constant(1),
});

const anyCase = fc.record({
  genus: fc.constantFrom(...genusIds),
  place: fc.constantFrom(...demoPlaces.map((place) => place.id)),
  routine: fc.record({ kind: fc.constant('every' as const), days: fc.integer({ min: 1, max: 10 }) }),
  liveRootsPct: fc.constantFrom(undefined, 15, 50, 100),
  state: fc.constantFrom('growing, new root tips', 'no new growth', 'failing, poor roots'),
  yearsWanted: fc.constantFrom(undefined, 2, 4),
  ownPots: anyShelf.map((pot) => [pot]),
}) as fc.Arbitrary<PlanCase>;

interface Planned {
  readonly planCase: PlanCase;
  readonly answer: PlanAnswer;
}

const pool: readonly Planned[] = fc
  .sample(anyCase, { numRuns: CASES, seed: SEED })
  .map((planCase) => ({ planCase, answer: wordPlan(makePlan(planCase), metricWords) }));
const everySetup = pool.flatMap(({ planCase, answer }) =>
  answer.setups.map((setup) => ({ planCase, setup, isLeastBad: answer.isLeastBad })),
);

test('the pool has cases enough, and every one has an answer', () => {
  expect(pool).toHaveLength(CASES);
  for (const { answer } of pool) expect(answer.setups.length).toBeGreaterThan(0);
  expect(pool.filter(({ answer }) => answer.isLeastBad).length).toBeLessThan(CASES * 0.15);
});

test('what each setup is there for is said in five words at most', () => {
  for (const { setup } of everySetup) expect(setup.merit.split(' ').length).toBeLessThanOrEqual(5);
});

test('no sentence has a fault of language', () => {
  expect(pool.flatMap(({ answer }) => languageFaults(answer)).slice(0, 10)).toEqual([]);
});

test('a setup that a rule forbids is shown only where nothing else is left', () => {
  for (const { planCase, setup, isLeastBad } of everySetup.filter((_, i) => i % 4 === 0)) {
    expect(reviewSetup(planCase, setup.spec).ruledOutBy !== null).toBe(isLeastBad);
  }
});

test('the same question gets the same answer', () => {
  // Each asks for a whole plan: a quarter of the pool.
  for (const { planCase, answer } of pool.filter((_, i) => i % 4 === 0)) {
    expect(wordPlan(makePlan(structuredClone(planCase)), metricWords)).toEqual(answer);
  }
});

function middlingDays(planCase: PlanCase, setup: SetupFacts): number {
  const context = contextOf(resolveCase(planCase));
  const { daysColumn: column } = factsOf(context, setup.spec);
  // One threshold for all, so that only the setup is compared.
  const all = context.climate.year.map((month) => daysOf(dryingTime(column, month, 0.2))).sort((a, b) => a - b);
  return all[6]!;
}

test('a plant that loves it wetter hardly ever gets a drier setup in the same place and routine', () => {
  let compared = 0;
  // Where neither pot of the shelf is large enough, a mount may lead by a point or two: one in twenty at most.
  let drierSetups = 0;
  // Two plans for each: a third of the pool, without its shelf of one pot, which leaves nothing to choose.
  for (const { planCase } of pool.filter((_, i) => i % 3 === 0)) {
    const leader = (regime: 'fast wet-dry' | 'evenly moist') => {
      const asked: PlanCase = { ...planCase, ownPots: twoPots, genusOverrides: { regime } };
      const setup = makePlan(asked).setups[0];
      return setup ? middlingDays(asked, setup) : null;
    };
    const [dryLoving, wetLoving] = [leader('fast wet-dry'), leader('evenly moist')];
    if (dryLoving === null || wetLoving === null) continue;
    compared += 1;
    // Rules about pots and piece sizes weigh a point or two: a few hours either way are no drier setup.
    if (wetLoving <= dryLoving * 0.9 - 0.25) drierSetups += 1;
  }
  expect(drierSetups).toBeLessThanOrEqual(compared / 20);
  expect(compared).toBeGreaterThanOrEqual(12);
});

const twoPots: PlanCase['ownPots'] = [
  { potKindId: 'plastic-round', rimDiameterCm: 13, count: 1 },
  { potKindId: 'clay-unglazed', rimDiameterCm: 15, count: 1 },
];

function drier(place: Place): Place {
  const less = (pct: number) => Math.max(10, pct - 20);
  return {
    ...place,
    months: place.months.map((month) => ({
      ...month,
      day: { ...month.day, relativeHumidityPct: less(month.day.relativeHumidityPct) },
      night: { ...month.night, relativeHumidityPct: less(month.night.relativeHumidityPct) },
    })),
  };
}

function bestBarkMm(setups: readonly Pick<SetupAnswer, 'approach' | 'spec'>[]): number | null {
  for (const { approach, spec } of setups) {
    const setup = realise(spec);
    if (approach !== 'organic pot' || setup.kind !== 'pot') continue;
    const { medium } = heaviestPart(setup.layers.find((layer) => layer.role === 'main')!.mix);
    if (medium.family === 'conifer bark') return meanPieceMm(medium);
  }
  return null;
}

test('a drier place hardly ever gets a larger grade of bark, all else equal', () => {
  let compared = 0;
  // Where every grade keeps the roots comfortable, a point for something else may decide: one in twenty at most.
  let larger = 0;
  // Only where bark came up at all; each asks for one more plan.
  for (const { planCase, answer } of pool.filter((_, i) => i % 2 === 1)) {
    const here = bestBarkMm(answer.setups);
    if (here === null) continue;
    const { place } = resolveCase(planCase);
    const there = bestBarkMm(makePlan({ ...planCase, place: drier(place) as PlanCase['place'] }).setups);
    if (there === null) continue;
    compared += 1;
    if (there > here + 1e-9) larger += 1;
  }
  expect(larger).toBeLessThanOrEqual(Math.max(1, compared / 20));
  expect(compared).toBeGreaterThanOrEqual(9);
});

test('the numbers in the sentences are those of the setup', () => {
  expect(everySetup.length).toBeGreaterThan(CASES);
  let drying = 0;
  for (const { setup } of everySetup) {
    const said = (code: string) => setup.reasons.find((reason) => reason.code === code)?.sentence ?? null;
    const percentOf = (share: number) => `${Math.round(share * 100)} %`;
    const { fineDays, watchDays, harmDays } = setup.year;
    const counted = [fineDays, watchDays, harmDays].map(Math.round).filter((count) => count > 0);
    const inYear = said('year')!.match(/\d+/g)!.map(Number);
    expect(inYear).toEqual(watchDays + harmDays < 2 ? [Math.round(fineDays)] : counted);
    expect(said('air')).toContain(`${percentOf(setup.airAfterWatering)} of the root zone is air`);
    if (setup.spec.vessel.kind === 'pot') {
      const rim = Math.round(potOf(setup.spec.vessel).rimDiameterCm * 10) / 10;
      expect(said('size')).toContain(`the ${rim} cm size`);
      expect(said('stability')).toContain(`tips at ${Math.round(setup.stability!.tippingAngleDeg)}°`);
    }
    const fastest = Math.min(...setup.daysByMonth.map(daysOf));
    const days = fastest < 3 ? Math.round(fastest * 2) / 2 : Math.round(fastest);
    const shown = fastest < 0.75 ? `${Math.max(1, Math.round(fastest * 24))} hour` : `${days} day`;
    if (!setup.daysByMonth.some((time) => time.status === 'dries')) continue;
    drying += 1;
    expect(said('drying')).toContain(`after ${shown}`);
  }
  expect(drying).toBeGreaterThan(CASES);
});
