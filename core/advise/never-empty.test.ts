import type { PlanCase } from '../case';
import { makePlan } from './plan';
import { planCaseSchema } from '../testing';

/** What no catalogue would hold together, and a grower can still say. */
const contrary: readonly (readonly [string, Partial<PlanCase>])[] = [
  [
    'roots that refuse cover, mounts and water',
    { genusOverrides: { cover: 'refuses cover', onMount: 'never', overReservoir: 'never', regime: 'evenly moist' } },
  ],
  ['roots as thick as a finger', { rootDiameterMm: 12 }],
  ['roots as fine as hair', { rootDiameterMm: 0.2 }],
  ['more air than any medium has', { genusOverrides: { airNeed: 0.8 } }],
  [
    'a grower who wants nothing',
    {
      dislikes: ['mounts', 'standing water', 'baskets', 'plastic'],
      schools: { medium: 'inorganic', mounts: 'refused', holes: 'never' },
    },
  ],
  ['a ground bulb that must hang', { genusOverrides: { depth: 'bulb 4 cm under', cover: 'refuses cover' } }],
  [
    'a small cool grower in a desert, watered every thirty days and never over water',
    { genus: 'masdevallia', rootBallDiameterCm: 4, routine: { kind: 'every', days: 30 }, dislikes: ['standing water'] },
  ],
];

const planFor = (change: Partial<PlanCase>) =>
  makePlan(
    planCaseSchema.parse({
      genus: 'cattleya-unifoliate',
      place: 'dry-plateau',
      routine: { kind: 'every', days: 7 },
      ...change,
    }),
    { isRough: true },
  );

describe('the answer is never empty', () => {
  const plans = contrary.map(([what, change]) => ({ what, plan: planFor(change) }));

  test('whatever is overridden, and it says when it is only the least bad', () => {
    for (const { what, plan } of plans) {
      expect({ what, isThere: plan.setups.length > 0 }).toEqual({ what, isThere: true });
      for (const { ruledOutBy } of plan.setups) expect(ruledOutBy !== null).toBe(plan.isLeastBad);
    }
    // Some of them leave nothing that suits, and some do.
    expect(new Set(plans.map(({ plan }) => plan.isLeastBad)).size).toBe(2);
  });

  test('nothing that the grower refuses is among the least bad', () => {
    const { plan } = plans.find(({ what }) => what === 'a grower who wants nothing')!;
    for (const { approach } of plan.setups) {
      expect(['mount', 'basket', 'side-hole reservoir', 'wick reservoir']).not.toContain(approach);
    }
  });
});
