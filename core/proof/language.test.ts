/** Answers to questions as they come, read sentence by sentence; those of the worked cases are read beside them. */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { PlanFacts } from '../advise';
import { waterKinds } from '../case';
import { genusIds } from '../catalogue/genera';
import { demoPlaces } from '../catalogue/places';
import { potKindIds } from '../catalogue/vessels';
import { planCaseSchema } from '../testing';
import { bundledPlan } from '../../server/testing/bundled-plan';
import { languageFaults } from '../testing/language';
import { metricWords, wordPlan } from '../words';

/** Plants, places, months and rounds as they come. */
function randomPlans(count: number): readonly PlanFacts[] {
  const generator = xoroshiro128plus(20261126);
  const dice = (sides: number) => uniformInt(generator, 0, sides - 1);
  const oneOf = <T>(list: readonly T[]): T => list[dice(list.length)]!;
  const plan = bundledPlan();
  // Seven of eight growers have one pot on the shelf, and most want no mounts: fewer setups to judge, so that more answers can be read.
  const shelf = () => ({
    dislikes: dice(4) === 0 ? [] : ['mounts'],
    ownPots: [{ potKindId: oneOf(potKindIds), rimDiameterCm: 6 + dice(19) }],
  });
  return Array.from({ length: count }, (_, nth) =>
    plan(
      planCaseSchema.parse({
        genus: oneOf(genusIds),
        place: oneOf(demoPlaces).id,
        month: 1 + dice(12),
        routine: oneOf([
          { kind: 'every', days: 1 + dice(14) },
          { kind: 'when dry' },
          { kind: 'misting', timesADay: 1 + dice(3) },
        ]),
        ...oneOf([{}, { shootCount: 1 + dice(20) }, { liveRootsPct: dice(100) }, { yearsWanted: 1 + dice(5) }]),
        ...oneOf([
          {},
          { current: { mediumId: oneOf(['bark-6-12', 'sphagnum-loose', 'pumice-3-6']), yearsInMedium: dice(5) } },
        ]),
        ...(nth % 8 === 0 ? {} : shelf()),
        ...oneOf([{}, { fronts: 1 + dice(4) }, { plantCount: 1 + dice(4) }, { waterKind: oneOf(waterKinds) }]),
        ...oneOf([
          {},
          { signs: { tips: oneOf(['none', 'starting', 'long']) } },
          { stage: oneOf(['seedling', 'cutting']) },
        ]),
      }),
      { isRough: true },
    ),
  );
}

test('no sentence of fifty answers has a fault of language, in metric units or in inches', () => {
  const plans = randomPlans(50);
  const inches = { length: 'inch', temperature: 'F' } as const;
  const faults = plans.flatMap((plan) => [
    ...languageFaults(wordPlan(plan, metricWords)),
    ...languageFaults(wordPlan(plan, inches)),
  ]);
  expect(faults.slice(0, 20)).toEqual([]);
});
