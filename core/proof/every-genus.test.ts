import type { PlanCase } from '../case';
import { genusById, genusIds } from '../catalogue/genera';
import { demoPlaces } from '../catalogue/places';
import { betterPlaces, placeFit } from '../decide/place';
import { bundledPlan } from '../../server/testing/bundled-plan';

const makePlan = bundledPlan();

const order = { suits: 0, 'with care': 1, 'does not suit': 2 } as const;

/** The place of the book where a genus fares best. */
function homeOf(genusId: string) {
  const genus = genusById(genusId);
  return [...demoPlaces]
    .map((place) => ({ place, fit: placeFit(genus, place) }))
    .sort((a, b) => order[a.fit.verdict] - order[b.fit.verdict] || a.fit.badness - b.fit.badness)[0]!;
}

/** A shelf with a few pots of each kind keeps each plan small. */
const shelf: NonNullable<PlanCase['ownPots']> = [
  ...[9, 12, 15, 19].map((rimDiameterCm) => ({ potKindId: 'plastic-clear-cone', rimDiameterCm, count: 1 })),
  ...[9, 14, 21].map((rimDiameterCm) => ({ potKindId: 'clay-unglazed', rimDiameterCm, count: 1 })),
  ...[10, 15, 20].map((rimDiameterCm) => ({ potKindId: 'slat-basket', rimDiameterCm, count: 1 })),
  { potKindId: 'plastic-deep', rimDiameterCm: 18, count: 1 },
];

/** Days of harm in the best of what is shown, watered every so many days. */
function leastHarmDays(genus: string, place: string, days: number): number {
  const ask: PlanCase = { genus, place, routine: { kind: 'every', days }, ownPots: shelf };
  return Math.min(...makePlan(ask, { isRough: true }).setups.map(({ year }) => year.harmDays));
}

// Common practice, no source: there is a way to keep every kind where it belongs.
test.each(genusIds)('%s, where it belongs, has a setup with no day of harm', (genusId) => {
  const { place, fit } = homeOf(genusId);
  expect(fit.verdict).not.toBe('does not suit');
  expect([2, 1, 4].some((days) => leastHarmDays(genusId, place.id, days) < 0.5)).toBe(true);
});

test('each is told where it does not belong, and of a place that suits it better', () => {
  for (const genusId of genusIds) {
    const genus = genusById(genusId);
    const wrong = demoPlaces.filter((place) => placeFit(genus, place).verdict === 'does not suit');
    expect(wrong.length).toBeGreaterThan(0);
    for (const place of wrong)
      expect(betterPlaces(genus, placeFit(genus, place), demoPlaces).length).toBeGreaterThan(0);
  }
});
