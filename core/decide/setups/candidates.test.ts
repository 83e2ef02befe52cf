import {
  isSideBySide,
  mediumOfPart,
  type PlanCase,
  potOf,
  type PotSpec,
  realise,
  type SetupSpec,
  specId,
} from '../../case';
import { meanPieceMm } from '../../physics/media';
import { allRules, forbiddingRule } from '../rules';
import { factsOf } from './assess';
import { generateCandidates } from './candidates';
import { contextOf } from './context';
import { misfitFactor, pieceBandMm } from './grade';
import { makePlan, planCaseSchema, resolveCase, reviewSetup } from '../../testing';

type MountSpec = Extract<SetupSpec['vessel'], { kind: 'mount' }>;

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

describe('recipes as growers build them', () => {
  const specsFor = (planCase: Partial<PlanCase>) => generateCandidates(context({ ...flat, ...planCase }));
  const kindOf = ({ vessel }: SetupSpec) => (vessel.kind === 'pot' ? vessel.potKindId : vessel.mountKindId);
  const has = (specs: readonly SetupSpec[], is: (spec: SetupSpec) => boolean) => specs.some(is);
  const crockingShare = ({ layers }: SetupSpec) => {
    const crocking = layers.find((layer) => layer.role === 'crocking');
    return crocking ? crocking.heightCm / layers.reduce((sum, layer) => sum + layer.heightCm, 0) : 0;
  };

  test('over side holes crocking reaches the holes, so that the roots stand above the water', () => {
    const lifted = specsFor({}).filter((spec) => kindOf(spec) === 'side-hole-pot' && crockingShare(spec) > 0);
    expect(lifted.length).toBeGreaterThan(0);
    for (const spec of lifted) {
      const { reservoir } = potOf(spec.vessel as PotSpec);
      if (reservoir.kind !== 'side holes') throw new Error('a pot with side holes has none');
      expect(Math.abs(spec.layers[0]!.heightCm - reservoir.holeHeightCm)).toBeLessThanOrEqual(0.25);
    }
  });

  test('a pot too large is filled up where it is the one at hand or the plant is tall, with an air cone too', () => {
    const isDeep = (spec: SetupSpec) => crockingShare(spec) > 0.35;
    const pots = [13, 19].map((rimDiameterCm) => ({ potKindId: 'plastic-clear-cone', rimDiameterCm, count: 1 }));
    expect(has(specsFor({ ownPots: pots }), (spec) => isDeep(spec) && kindOf(spec) === 'plastic-clear-cone')).toBe(
      true,
    );
    expect(has(specsFor({ heightCm: 60 }), isDeep)).toBe(true);
    const small = specsFor({ genus: 'masdevallia', heightCm: 10 }).filter((spec) => spec.approach === 'organic pot');
    expect(has(small, isDeep)).toBe(false);
  });

  test('low nets stand in bowls, clay over wicks; one wick more is tried, and short ones for fine roots', () => {
    const thick = specsFor({ rootDiameterMm: 5 });
    const fine = specsFor({ rootDiameterMm: 1 });
    for (const kind of ['net-pot-in-bowl', 'clay-wick-pot'])
      expect(has(thick, (spec) => kindOf(spec) === kind)).toBe(true);
    const wicks = (specs: readonly SetupSpec[]) => specs.filter((spec) => kindOf(spec) === 'wick-pot');
    expect(has(wicks(thick), ({ vessel }) => (vessel as PotSpec).wickCount === 2)).toBe(true);
    expect(has(wicks(thick), ({ vessel }) => (vessel as PotSpec).wickHeightCm !== undefined)).toBe(false);
    for (const { vessel } of wicks(fine)) {
      const pot = potOf(vessel as PotSpec);
      expect(pot.reservoir).toMatchObject({ kind: 'wicks' });
      expect((vessel as PotSpec).wickHeightCm).toBeCloseTo(pot.heightCm / 2, 0);
    }
  });

  test('coarse lies over fine for ramblers only', () => {
    const isCoarseOnTop = ({ layers }: SetupSpec) =>
      layers.some(({ role, mix }) => role === 'top dressing' && mix[0]!.mediumId === 'bark-12-25');
    const rambler = specsFor({ genus: 'bulbophyllum' }).filter(isCoarseOnTop);
    expect(rambler.length).toBeGreaterThan(0);
    for (const { layers } of rambler) {
      const main = layers.find((layer) => layer.role === 'main')!;
      expect(mediumOfPart(main.mix[0]!).d90Mm).toBeLessThanOrEqual(8);
    }
    expect(has(specsFor({}), isCoarseOnTop)).toBe(false);
  });

  test('a mount is hung, and with a pad also laid flat, which holds its water for longer', () => {
    const mounts = specsFor({}).filter((spec) => kindOf(spec) === 'mount-cork');
    const lying = mounts.filter(({ vessel }) => vessel.kind === 'mount' && vessel.isLying);
    expect(lying.length).toBeGreaterThan(0);
    for (const spec of lying) {
      const { isLying: _lies, ...hung } = spec.vessel as MountSpec;
      expect(hung.padThicknessCm).toBeGreaterThan(0);
      const heldG = (vessel: MountSpec) =>
        factsOf(context(flat), { ...spec, vessel }).column.capacityG.reduce((sum, grams) => sum + grams, 0);
      expect(heldG(spec.vessel as MountSpec)).toBeGreaterThan(heldG(hung));
    }
  });

  test('beside the medium it stands in another is tried, half and half, where that is known and the plant can choose', () => {
    const beside = (planCase: Partial<PlanCase>) => specsFor(planCase).filter(isSideBySide);
    const inMoss = { current: { mediumId: 'sphagnum-loose' } };
    const found = beside(inMoss);
    expect(new Set(found.map(({ layers }) => mediumOfPart(layers[0]!.mix[1]!).family)).size).toBeGreaterThanOrEqual(3);
    for (const { layers } of found) expect(layers[0]!.mix.map(({ parts }) => parts)).toEqual([1, 1]);
    expect(beside({})).toEqual([]);
    expect(beside({ ...inMoss, liveRootsPct: 10, signs: { tips: 'none' } })).toEqual([]);
  });
});
