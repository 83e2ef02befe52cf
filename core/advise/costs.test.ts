import type { PlanCase, SetupSpec } from '../case';
import { reviewSetup } from '../testing';

const weekly: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const pot = (mediumId: string, rimDiameterCm: number): SetupSpec => ({
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm },
  layers: [{ role: 'main', mix: [{ mediumId, parts: 1 }], heightCm: rimDiameterCm * 0.9 - 1 }],
});
const mount: SetupSpec = {
  approach: 'mount',
  vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 0 },
  layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 0.2 }],
};
const costs = (spec: SetupSpec, planCase = weekly) => reviewSetup(planCase, spec).costs;

test('once a week is 52 or 53 waterings, and the minutes follow', () => {
  const { wateringsPerYear, minutesPerWeek } = costs(pot('bark-6-12', 12));
  expect(wateringsPerYear).toBe(53);
  expect(minutesPerWeek).toBeCloseTo((53 * 0.7) / 52, 9);
});

test('a mount soaked daily is the most work and takes nothing out of a bag', () => {
  const daily: PlanCase = { ...weekly, routine: { kind: 'every', days: 1 } };
  const mounted = costs(mount, daily);
  expect(mounted.minutesPerWeek).toBeGreaterThan(costs(pot('bark-6-12', 12), daily).minutesPerWeek);
  expect(mounted.litres).toBe(0);
  expect(mounted.mediaPrice).toBe(0);
});

test('a larger pot costs more and leaves more years; moss costs more than bark', () => {
  expect(costs(pot('pumice-3-6', 17)).mediaPrice).toBeGreaterThan(costs(pot('pumice-3-6', 11)).mediaPrice);
  expect(costs(pot('pumice-3-6', 17)).yearsToNextRepot).toBeGreaterThan(costs(pot('pumice-3-6', 11)).yearsToNextRepot);
  expect(costs(pot('sphagnum-loose', 12)).mediaPrice).toBeGreaterThan(costs(pot('bark-6-12', 12)).mediaPrice);
});

test('the medium’s life bounds the years, and so does the grower’s wish', () => {
  expect(costs(pot('sphagnum-loose', 24)).yearsToNextRepot).toBeLessThan(2);
  expect(costs(pot('pumice-3-6', 24), { ...weekly, yearsWanted: 2 }).yearsToNextRepot).toBe(2);
});

test('risk is the year less its fine days', () => {
  const review = reviewSetup(weekly, pot('bark-12-25', 12));
  expect(review.costs.riskShare).toBeCloseTo(1 - review.year.fineDays / 365, 9);
});
