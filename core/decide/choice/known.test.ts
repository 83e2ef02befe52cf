import type { PlanCase } from '../../case';
import { planCaseSchema, resolveCase } from '../../testing';
import { type CandidateFacts, type CaseContext, contextOf, factsOf, generateCandidates } from '../setups';
import { costOfChange, doesWell, isAsItIs } from './known';

const inBark: PlanCase = {
  genus: 'oncidium',
  place: 'kitchen-sill',
  current: { mediumId: 'bark-3-6', vesselKind: 'plastic-round', rimDiameterCm: 12, yearsInMedium: 1 },
};
const contextFor = (change: Partial<PlanCase> = {}) =>
  contextOf(resolveCase(planCaseSchema.parse({ ...inBark, ...change })));

function facts(context: CaseContext, approach: string, mediumId: string): CandidateFacts {
  const spec = generateCandidates(context).find(
    (one) => one.approach === approach && one.layers.find(({ role }) => role === 'main')!.mix[0]!.mediumId === mediumId,
  );
  if (!spec) throw new Error(`no ${approach} of ${mediumId}`);
  return factsOf(context, spec, 'coarse');
}

// Common practice, no source.
describe('what works stays', () => {
  const context = contextFor();
  const same = facts(context, 'organic pot', 'bark-3-6');
  const coarser = facts(context, 'organic pot', 'bark-6-12');
  const moss = facts(context, 'moss pot', 'sphagnum-loose');
  const stone = facts(context, 'moist inorganic', 'pumice-3-6');
  const overWater = facts(context, 'wick reservoir', 'clay-pebbles-4-8');

  test('the further from what the roots know, the dearer', () => {
    const costs = [same, coarser, moss, stone, overWater].map((one) => costOfChange(context, one));
    expect(costs[0]).toBe(0);
    costs.slice(1).forEach((cost, i) => expect(cost).toBeGreaterThan(costs[i]!));
  });

  test('new tips take over; without them it is dearest, and fussy roots pay most', () => {
    const cost = (change: Partial<PlanCase>) => costOfChange(contextFor(change), stone);
    const tips = cost({ signs: { tips: 'starting' } });
    const unknown = cost({});
    const none = cost({ signs: { tips: 'none' } });
    expect(tips).toBeLessThan(unknown);
    expect(unknown).toBeLessThan(none);
    expect(cost({ genusOverrides: { rootHardiness: 'fussy' } })).toBeGreaterThan(unknown);
    expect(cost({ genusOverrides: { rootHardiness: 'robust' } })).toBeLessThan(unknown);
  });

  test('nothing is owed to a medium in which it does badly, or that nobody named', () => {
    for (const change of [{ liveRootsPct: 40 }, { bulbs: 'wrinkled' }, { signs: { rot: true } }] as const) {
      const badly = contextFor(change);
      expect(doesWell(badly)).toBe(false);
      expect(costOfChange(badly, stone)).toBe(0);
      // Nor is it offered more of the same.
      const ways = generateCandidates(badly).map((spec) => factsOf(badly, spec, 'coarse'));
      expect(ways.filter((way) => isAsItIs(badly, way))).toEqual([]);
    }
    expect(costOfChange(contextFor({ current: {} }), stone)).toBe(0);
  });

  test('as it is means the same medium in the same kind of pot, and is always tried, one size up', () => {
    const kept = generateCandidates(context)
      .map((spec) => factsOf(context, spec, 'coarse'))
      .filter((one) => isAsItIs(context, one));
    expect(kept.length).toBeGreaterThan(0);
    for (const { spec } of kept) {
      expect(spec.vessel).toMatchObject({ kind: 'pot', potKindId: 'plastic-round' });
      if (spec.vessel.kind === 'pot') expect(spec.vessel.rimDiameterCm).toBeGreaterThanOrEqual(12);
    }
    // Bark over standing water is in no recipe, and is tried all the same.
    const odd = contextFor({ current: { mediumId: 'bark-6-12', vesselKind: 'side-hole-pot', rimDiameterCm: 12 } });
    expect(
      generateCandidates(odd)
        .map((spec) => factsOf(odd, spec, 'coarse'))
        .some((one) => isAsItIs(odd, one)),
    ).toBe(true);
  });

  test('a mix is what it is in as well: the same mix again costs nothing and is always tried', () => {
    const parts = [
      { mediumId: 'pumice-3-6', parts: 2 },
      { mediumId: 'moisture-chips-5-10', parts: 1 },
    ] as const;
    const mixed = contextFor({ current: { ...inBark.current, mediumId: undefined, mix: [...parts] } });
    expect(mixed.resolved.current.mediumId).toBe('pumice-3-6');
    const ways = generateCandidates(mixed).map((spec) => factsOf(mixed, spec, 'coarse'));
    const kept = ways.filter((way) => isAsItIs(mixed, way));
    expect(kept.length).toBeGreaterThan(0);
    expect(kept[0]!.mainMix.map(({ medium }) => medium.id)).toEqual(parts.map(({ mediumId }) => mediumId));
    expect(costOfChange(mixed, kept[0]!)).toBe(0);
    // One part of it alone is nearer than another medium.
    const alone = ways.find(({ mainMix }) => mainMix.length === 1 && mainMix[0]!.medium.id === 'pumice-3-6')!;
    const part = costOfChange(mixed, alone);
    expect(part).toBeGreaterThan(0);
    expect(part).toBeLessThan(costOfChange(mixed, facts(mixed, 'moss pot', 'sphagnum-loose')));
  });

  test('from one medium to half and half the cost runs without a jump', () => {
    const costWith = (share: number) => {
      const mix = [
        { mediumId: 'bark-3-6', parts: 1 },
        { mediumId: 'sphagnum-chopped', parts: share },
      ];
      return costOfChange(contextFor({ current: { ...inBark.current, mix } as PlanCase['current'] }), stone);
    };
    const costs = [0.05, 0.25, 0.5, 0.75, 0.95].map(costWith);
    costs.slice(1).forEach((cost, i) => expect(Math.abs(cost - costs[i]!)).toBeLessThan(0.15 * costs[i]!));
    expect(costs[0]).toBeCloseTo(costOfChange(context, stone), 0);
  });
});
