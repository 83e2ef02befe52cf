/** What must hold of every decision, whatever the plant, place and time: random cases. */
import fc from 'fast-check';
import { type PlanCase, potOf, realise } from '../case';
import { genusIds } from '../catalogue/genera';
import { demoPlaces } from '../catalogue/places';
import { contextOf, factsOf } from '../decide/setups';
import { daysOf, dryingTime } from '../physics/drydown';
import { meanPieceMm } from '../physics/media';
import type { Place } from '../physics/places';
import type { SetupAnswer } from '../words';
import { makePlan, resolveCase, reviewSetup } from '../testing';

const RUNS = { numRuns: 6, seed: 20261125 };

const anyCase = fc.record({
  genus: fc.constantFrom(...genusIds),
  place: fc.constantFrom(...demoPlaces.map((place) => place.id)),
  routine: fc.record({ kind: fc.constant('every' as const), days: fc.integer({ min: 1, max: 10 }) }),
  liveRootsPct: fc.constantFrom(undefined, 15, 50, 100),
  state: fc.constantFrom('growing, new root tips', 'no new growth', 'failing, poor roots'),
  yearsWanted: fc.constantFrom(undefined, 2, 4),
}) as fc.Arbitrary<PlanCase>;

function middlingDays(planCase: PlanCase, setup: SetupAnswer): number {
  const context = contextOf(resolveCase(planCase));
  const { column } = factsOf(context, setup.spec);
  // One threshold for all, so that only the setup is compared.
  const all = context.climate.year.map((month) => daysOf(dryingTime(column, month, 0.2))).sort((a, b) => a - b);
  return all[6]!;
}

test('no setup that a rule forbids is ever proposed', () => {
  fc.assert(
    fc.property(anyCase, (planCase) => {
      for (const setup of makePlan(planCase).setups) expect(reviewSetup(planCase, setup.spec).ruledOutBy).toBeNull();
    }),
    RUNS,
  );
});

test('the same question gets the same answer', () => {
  fc.assert(
    fc.property(anyCase, (planCase) => {
      expect(makePlan(planCase)).toEqual(makePlan(structuredClone(planCase)));
    }),
    { ...RUNS, numRuns: 2 },
  );
});

test('a plant that loves it wetter never gets a drier setup in the same place and routine', () => {
  fc.assert(
    fc.property(anyCase, (planCase) => {
      const leader = (regime: 'fast wet-dry' | 'evenly moist') => {
        const asked: PlanCase = { ...planCase, genusOverrides: { regime } };
        const setup = makePlan(asked).setups[0];
        return setup ? middlingDays(asked, setup) : null;
      };
      const dryLoving = leader('fast wet-dry');
      const wetLoving = leader('evenly moist');
      if (dryLoving === null || wetLoving === null) return;
      // Rules about pots and piece sizes weigh a point or two: a few hours either way are no drier setup.
      expect(wetLoving).toBeGreaterThan(dryLoving * 0.9 - 0.25);
    }),
    RUNS,
  );
});

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

function bestBarkMm(planCase: PlanCase): number | null {
  const bark = makePlan(planCase).setups.find((setup) => {
    const main = setup.spec.layers.find((layer) => layer.role === 'main');
    return setup.approach === 'organic pot' && main?.mix[0]?.mediumId.startsWith('bark');
  });
  if (!bark) return null;
  const setup = realise(bark.spec);
  return setup.kind === 'pot' ? meanPieceMm(setup.layers.find((layer) => layer.role === 'main')!.mix[0]!.medium) : null;
}

test('a drier place never gets a larger grade of bark, all else equal', () => {
  fc.assert(
    fc.property(anyCase, (planCase) => {
      const { place } = resolveCase(planCase);
      const here = bestBarkMm(planCase);
      const there = bestBarkMm({ ...planCase, place: drier(place) as PlanCase['place'] });
      if (here !== null && there !== null) expect(there).toBeLessThanOrEqual(here + 1e-9);
    }),
    { ...RUNS, numRuns: 4 },
  );
});

test('the numbers in the sentences are those of the setup', () => {
  fc.assert(
    fc.property(anyCase, (planCase) => {
      for (const setup of makePlan(planCase).setups) {
        const said = (code: string) => setup.reasons.find((reason) => reason.code === code)?.sentence ?? null;
        const percentOf = (share: number) => `${Math.round(share * 100)} %`;
        expect(said('comfort')).toContain(`comfortable ${percentOf(setup.year.comfortable)}`);
        expect(said('comfort')).toContain(`too dry ${percentOf(setup.year.tooDry)}`);
        expect(said('air')).toContain(`${percentOf(setup.airAfterWatering)} of the root zone is air`);
        if (setup.spec.vessel.kind === 'pot') {
          const rim = Math.round(potOf(setup.spec.vessel).rimDiameterCm * 10) / 10;
          expect(said('size')).toContain(`the ${rim} cm size`);
          expect(setup.stability).not.toBeNull();
          expect(said('stability')).toContain(`tips at ${Math.round(setup.stability!.tippingAngleDeg)}°`);
        }
        const months = setup.daysByMonth.map(daysOf);
        const fastest = Math.min(...months);
        const shown = fastest < 3 ? Math.round(fastest * 2) / 2 : Math.round(fastest);
        if (setup.daysByMonth.some((time) => time.status === 'dries'))
          expect(said('drying')).toContain(`after ${shown} day`);
      }
    }),
    { ...RUNS, numRuns: 4 },
  );
});
