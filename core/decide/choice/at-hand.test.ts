/** What the grower has is what is made of; what they want is obeyed. Common practice, no source. */
import { mediumIds } from '../../catalogue/media';
import type { PlanCase, Wanted } from '../../case';
import { makePlan, planCaseSchema } from '../../testing';

const base = {
  genus: 'cattleya-unifoliate',
  place: 'glasshouse',
  routine: { kind: 'every', days: 5 },
  current: { mediumId: 'bark-6-12', vesselKind: 'plastic-round', rimDiameterCm: 12, yearsInMedium: 2 },
  month: 4,
} as const;
const planFor = (change: Partial<PlanCase>) =>
  makePlan(planCaseSchema.parse({ ...base, ...change }), { isRough: true });
const mediaIn = (change: Partial<PlanCase>) => [
  ...new Set(
    planFor(change).setups.flatMap(({ spec }) =>
      spec.vessel.kind === 'mount' && spec.vessel.padThicknessCm === 0
        ? []
        : spec.layers.flatMap(({ mix }) => mix.map(({ mediumId }) => mediumId as string)),
    ),
  ),
];

describe('what is at hand', () => {
  test.each([
    [['bark-6-12']],
    [['bark-12-25', 'perlite-3-6', 'sphagnum-chopped']],
    [['clay-pebbles-8-16', 'pumice-3-6']],
    [['lava-8-16', 'brick-8-16', 'sphagnum-loose']],
  ])('of %j alone it is made of nothing else, crocks and tops included', (mediaAtHand) => {
    const used = mediaIn({ mediaAtHand: mediaAtHand as never });
    expect(used.length).toBeGreaterThan(0);
    expect(used.filter((id) => !mediaAtHand.includes(id))).toEqual([]);
  });

  test('with everything at hand it is as if nothing had been said', () => {
    const all = planFor({ mediaAtHand: [...mediumIds] as never });
    const none = planFor({});
    expect(all.setups.map(({ id }) => id).sort()).toEqual(none.setups.map(({ id }) => id).sort());
  });

  test('of what makes no pot at all nothing is a limit, and it says what to get', () => {
    const { setups } = planFor({ mediaAtHand: ['gravel-4-8'] });
    expect(setups.length).toBeGreaterThan(0);
    expect(setups.some(({ findings }) => findings.some(({ ruleId }) => ruleId === 'to-be-bought'))).toBe(true);
  });

  test('one thing that would do clearly better is named beside, and is not among the setups', () => {
    // Fine and wet, for a plant that wants air.
    const asked = planCaseSchema.parse({ ...base, mediaAtHand: ['peat-perlite', 'perlite-1-3'] });
    const { worthBuying, setups } = makePlan(asked);
    expect(worthBuying!.morePoints).toBeGreaterThanOrEqual(6);
    const used = setups.flatMap(({ spec }) => spec.layers.flatMap(({ mix }) => mix.map(({ mediumId }) => mediumId)));
    expect(used).not.toContain(worthBuying!.mediumId);
    expect(JSON.stringify(worthBuying!.spec)).toContain(worthBuying!.mediumId);
  });
});

describe('what is wanted', () => {
  const obeyed: Readonly<Record<Wanted, (setup: ReturnType<typeof planFor>['setups'][number]) => boolean>> = {
    'a mount': ({ approach }) => approach === 'mount',
    'a reservoir': ({ approach }) => approach === 'side-hole reservoir' || approach === 'wick reservoir',
    organic: ({ approach }) => !['moist inorganic', 'side-hole reservoir', 'wick reservoir'].includes(approach),
    inorganic: ({ approach }) => !['organic pot', 'moss pot', 'soil-like mix'].includes(approach),
    plastic: ({ spec }) => spec.vessel.kind === 'mount' || !spec.vessel.potKindId.includes('clay'),
    'no side holes': ({ spec }) =>
      spec.vessel.kind === 'mount' || !['plastic-slotted', 'net-pot', 'slat-basket'].includes(spec.vessel.potKindId),
    'as it is, larger': ({ spec, layers }) =>
      spec.vessel.kind === 'pot' &&
      spec.vessel.potKindId === 'plastic-round' &&
      layers.find(({ role }) => role === 'main')!.mix.every(({ mediumId }) => mediumId === 'bark-6-12'),
  };
  test.each(Object.keys(obeyed) as Wanted[])(
    '%s: every setup is, or says which rule of the trade it breaks',
    (wanted) => {
      for (const genus of ['cattleya-unifoliate', 'masdevallia', 'cymbidium'] as const) {
        const { setups, isLeastBad } = planFor({ wants: [wanted], genus });
        expect(setups.length).toBeGreaterThan(0);
        expect(setups.filter((setup) => !obeyed[wanted](setup)).map(({ id }) => id)).toEqual([]);
        for (const { ruledOutBy } of setups) expect(ruledOutBy !== null).toBe(isLeastBad);
      }
    },
  );

  test('wants that contradict each other still get an answer, which says so', () => {
    const { setups, isLeastBad } = planFor({ wants: ['a mount', 'a reservoir'] });
    expect(isLeastBad).toBe(true);
    expect(setups.every(({ ruledOutBy }) => ruledOutBy !== null)).toBe(true);
  });

  test('as it is means nothing where nobody said how it is', () => {
    expect(planFor({ wants: ['as it is, larger'], current: {} }).setups.map(({ id }) => id)).toEqual(
      planFor({ current: {} }).setups.map(({ id }) => id),
    );
  });
});
