import { type PlanCase, potOf, realise, specId } from '../../case';
import { meanPieceMm } from '../../physics/media';
import { allRules, forbiddingRule } from '../rules';
import { factsOf } from './assess';
import { generateCandidates } from './candidates';
import { contextOf } from './context';
import { misfitFactor, pieceBandMm } from './grade';
import { makePlan, planCaseSchema, resolveCase, reviewSetup } from '../../testing';

const context = (planCase: PlanCase) => contextOf(resolveCase(planCaseSchema.parse(planCase)));
const flat: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat' };

describe('candidates are generated', () => {
  const specs = generateCandidates(context(flat));

  test('two thousand and more, none twice', () => {
    expect(specs.length).toBeGreaterThanOrEqual(2000);
    expect(new Set(specs.map(specId)).size).toBe(specs.length);
  });

  test('over every way of potting', () => {
    expect(new Set(specs.map((spec) => spec.approach)).size).toBe(9);
  });

  test('every one fits its pot and leaves a finger under the rim', () => {
    for (const spec of specs) {
      if (spec.vessel.kind !== 'pot') continue;
      const filled = spec.layers.reduce((sum, layer) => sum + layer.heightCm, 0);
      expect(filled).toBeLessThanOrEqual(potOf(spec.vessel).heightCm - 0.9);
      expect(spec.layers.filter((layer) => layer.role === 'main')).toHaveLength(1);
    }
  });

  test('with shares from no moss to half of it', () => {
    const shares = new Set(
      specs
        .filter((spec) => spec.approach === 'organic pot')
        .map((spec) =>
          spec.layers
            .find((layer) => layer.role === 'main')!
            .mix.map((part) => part.parts)
            .join('+'),
        ),
    );
    for (const share of ['1', '4+0.5', '4+1', '4+2', '4+4']) expect(shares).toContain(share);
  });
});

test('the grower’s own medium joins the candidates and can be planned with', () => {
  const ownMedia = [{ name: 'Market bark', likeId: 'bark-9-15', airShare: 0.5, capacityShare: 0.25, depthCm: 10 }];
  const specs = generateCandidates(context({ ...flat, ownMedia }));
  const own = specs.filter((spec) => spec.layers.some((layer) => layer.mix.some((part) => part.own)));
  expect(own.length).toBeGreaterThan(50);
  const setup = realise(own[0]!);
  expect(
    setup.kind === 'pot' && setup.layers.some((layer) => layer.mix.some((part) => part.medium.name === 'Market bark')),
  ).toBe(true);
});

test('only pots on the grower’s shelf are proposed when they list them; mounts stay', () => {
  const ownPots = [{ potKindId: 'clay-unglazed', rimDiameterCm: 14, heightCm: 12, count: 3 }];
  for (const spec of generateCandidates(context({ ...flat, ownPots }))) {
    if (spec.vessel.kind === 'mount') continue;
    expect(spec.vessel).toMatchObject({ potKindId: 'clay-unglazed', rimDiameterCm: 14, heightCm: 12 });
    expect(potOf(spec.vessel).heightCm).toBe(12);
  }
});

test('a chosen top is the only one tried', () => {
  const specs = generateCandidates(context({ ...flat, schools: { top: 'pebbles' } }));
  const tops = new Set(
    specs
      .filter((spec) => spec.approach === 'organic pot')
      .map((spec) => spec.layers.find((layer) => layer.role === 'top dressing')?.mix[0]?.mediumId ?? 'bare'),
  );
  expect(tops.has('gravel-4-8')).toBe(true);
  expect(tops.has('live-moss')).toBe(false);
});

test('the quick look loses nothing: no candidate passed over would have led by more than a few points', () => {
  const planCase: PlanCase = { genus: 'oncidium', place: 'bathroom', routine: { kind: 'every', days: 5 } };
  const inCase = context(planCase);
  const best = makePlan(planCase).setups[0]!;
  const open = generateCandidates(inCase)
    .filter((_, i) => i % 40 === 0)
    .filter((spec) => {
      const facts = factsOf(inCase, spec, 'coarse');
      return forbiddingRule(allRules, { context: inCase, facts, judgement: null }) === null;
    });
  expect(open.length).toBeGreaterThan(15);
  // Each is judged over its whole year, as the plan did not.
  const allowed = open.map((spec) => reviewSetup(planCase, spec)).filter((review) => review.ruledOutBy === null);
  expect(allowed.length).toBeGreaterThan(10);
  for (const review of allowed) expect(review.score).toBeLessThanOrEqual(best.score + 3);
});

test('grades follow the root: the first tried is the best fitting', () => {
  const thin = context({ ...flat, rootDiameterMm: 1 });
  const thick = context({ ...flat, rootDiameterMm: 7 });
  const sizes = (inCase: typeof thin) =>
    generateCandidates(inCase)
      .filter((spec) => spec.approach === 'organic pot')
      .map((spec) => {
        const setup = realise(spec);
        return setup.kind === 'pot'
          ? meanPieceMm(setup.layers.find((layer) => layer.role === 'main')!.mix[0]!.medium)
          : 0;
      });
  expect(Math.max(...sizes(thin))).toBeLessThan(Math.max(...sizes(thick)));
  expect(misfitFactor(Math.min(...sizes(thin)), pieceBandMm(1))).toBeLessThan(1.6);
});
