/**
 * Worked cases about schools, the plant in hand and changing over, as an experienced grower of each
 * school would settle them: approach, piece size, layers, pot, position, depth, and what is out of the
 * question. All: common practice, no source.
 */
import type { Approach, PlanCase, SetupSpec } from '../case';
import { mediumById } from '../catalogue/media';
import type { PlanAnswer, SetupAnswer } from '../words';
import type { Placement } from './placement';
import { planInWords, reviewSetup } from '../testing';
import type { Between, Some, Worked } from '../testing/worked';

interface Expected {
  /** Of the leading setup. */
  readonly leads: Some<Approach>;
  readonly neverApproaches: Some<Approach>;
  readonly neverFamilies: Some<string>;
  /** Ids of rules that must have put something aside. */
  readonly ruledOutBy: Some<string>;
  /** Mean piece size of the leading potted setup with pieces, mm: least and most. */
  readonly pieceMm: Between;
  readonly rimCm: Between;
  /** The leading setup is dressed on top. */
  readonly hasTop: true;
  readonly position: Placement['position'];
  readonly depthCm: Between;
  /** Rules that speak on the leading setup. */
  readonly says: Some<string>;
  /** Rules that do not. */
  readonly keepsSilent: Some<string>;
  readonly stages: number;
}

type SchoolCase = Worked<PlanCase, Expected>;

const every = (days: number) => ({ kind: 'every', days }) as const;

const cases: readonly SchoolCase[] = [
  {
    name: 'organic only: a weekly windowsill moth orchid goes into bark, husk, fern or moss',
    planCase: { genus: 'phalaenopsis', place: 'heated-flat', routine: every(7), schools: { medium: 'organic' } },
    leads: ['organic pot', 'moss pot', 'basket'],
    neverFamilies: ['expanded clay', 'pumice', 'lava', 'fired clay', 'baked clay'],
    ruledOutBy: ['school-organic-only', 'mount-in-dry-air'],
    position: 'centre',
    depthCm: [-1.5, 0],
  },
  {
    name: 'inorganic only: the same plant in coarse stone, roomier, for three years',
    planCase: { genus: 'phalaenopsis', place: 'heated-flat', routine: every(7), schools: { medium: 'inorganic' } },
    leads: ['moist inorganic', 'side-hole reservoir', 'wick reservoir'],
    neverApproaches: ['organic pot', 'moss pot', 'soil-like mix'],
    ruledOutBy: ['school-inorganic-only'],
    pieceMm: [7, 20],
    rimCm: [10, 17],
  },
  {
    name: 'no mounts: a terrace Vanda goes into a basket or a coarse pot',
    planCase: { genus: 'vanda', place: 'humid-terrace', routine: every(1), schools: { mounts: 'refused' } },
    neverApproaches: ['mount', 'wick reservoir', 'side-hole reservoir', 'moss pot'],
    ruledOutBy: ['school-no-mounts', 'refuses-cover'],
    pieceMm: [8, 28],
  },
  {
    name: 'mounts gladly: the same Vanda hangs bare',
    planCase: { genus: 'vanda', place: 'humid-terrace', routine: every(1), schools: { mounts: 'welcome' } },
    leads: ['mount', 'basket'],
    says: ['school-mounts-gladly'],
  },
  {
    name: 'pebbles on top for a cool Masdevallia: fine pieces below, collar dry',
    planCase: { genus: 'masdevallia', place: 'cool-shade', routine: every(3), schools: { top: 'pebbles' } },
    hasTop: true,
    pieceMm: [0.8, 6],
    rimCm: [7, 13],
    says: ['pebbles-keep-the-collar-dry'],
  },
  {
    name: 'moss on top of a small cool grower in damp air is out of the question',
    planCase: { genus: 'masdevallia', place: 'glasshouse', routine: every(2), schools: { top: 'moss' } },
    ruledOutBy: ['moss-top-rots-shoots'],
  },
  {
    name: 'small steps: one year of room',
    planCase: {
      genus: 'cattleya-unifoliate',
      place: 'humid-terrace',
      routine: every(2),
      rootBallDiameterCm: 10,
      schools: { steps: 'small-steps' },
    },
    rimCm: [9, 14],
    says: ['small-steps-often'],
    depthCm: [0, 0.5],
  },
  {
    name: 'one bigger pot now: four years of room',
    planCase: {
      genus: 'cattleya-unifoliate',
      place: 'humid-terrace',
      routine: every(2),
      rootBallDiameterCm: 10,
      schools: { steps: 'one-big' },
    },
    rimCm: [18, 27],
    depthCm: [0, 0.5],
  },
  {
    name: 'holes always: no closed plastic leads',
    planCase: { genus: 'oncidium', place: 'bathroom', routine: every(5), schools: { holes: 'always' } },
    depthCm: [-1, 0],
    position: 'centre',
  },
  {
    name: 'a failing moth orchid: loose moss in the smallest pot until tips show, then on',
    planCase: {
      genus: 'phalaenopsis',
      place: 'heated-flat',
      routine: every(4),
      liveRootsPct: 10,
      signs: { tips: 'none' },
    },
    leads: ['recovery in moss', 'moss pot'],
    neverApproaches: ['wick reservoir', 'side-hole reservoir'],
    ruledOutBy: ['failing-plant-over-water'],
    rimCm: [6, 11],
    stages: 2,
  },
  {
    name: 'the same with new tips is no longer a patient: no recovery pot',
    planCase: {
      genus: 'phalaenopsis',
      place: 'heated-flat',
      routine: every(7),
      liveRootsPct: 30,
      signs: { tips: 'starting' },
    },
    neverApproaches: ['recovery in moss'],
    ruledOutBy: ['recovery-is-for-failing-plants'],
  },
  {
    name: 'out of packed moss into bark: small bark with moss before coarse bark',
    planCase: {
      genus: 'phalaenopsis',
      place: 'bathroom',
      routine: every(4),
      current: { mediumId: 'sphagnum-packed', yearsInMedium: 1 },
      schools: { medium: 'organic' },
    },
    leads: ['basket', 'organic pot', 'moss pot'],
    keepsSilent: ['wet-to-airy-in-stages'],
  },
  {
    name: 'a deciduous Catasetum, dormant: pot now, keep dry, never over water',
    planCase: { genus: 'catasetum', place: 'glasshouse', signs: { resting: true }, routine: every(5) },
    neverApproaches: ['wick reservoir', 'side-hole reservoir'],
    says: ['keep-dry-until-rooted'],
  },
  {
    name: 'away for three weeks in summer: nothing that must be wetted daily',
    planCase: { genus: 'phalaenopsis', place: 'kitchen-sill', routine: every(3), holiday: { fromDay: 190, days: 21 } },
    neverApproaches: ['mount'],
    ruledOutBy: ['mount-in-dry-air'],
  },
  {
    name: 'only clay pots on the shelf: clay it is, or a mount',
    planCase: {
      genus: 'oncidium',
      place: 'bathroom',
      routine: every(3),
      ownPots: [
        { potKindId: 'clay-unglazed', rimDiameterCm: 14, count: 2 },
        { potKindId: 'clay-unglazed', rimDiameterCm: 18, count: 1 },
      ],
    },
    neverApproaches: ['wick reservoir', 'side-hole reservoir', 'basket'],
    rimCm: [14, 18],
  },
];

const leaderOf = (plan: PlanAnswer) => plan.setups[0]!;

function meanMm(setup: SetupAnswer): number | null {
  const main = setup.layers.find((layer) => layer.role === 'main');
  const base = [...(main?.mix ?? [])].sort((a, b) => b.parts - a.parts)[0];
  const medium = base ? mediumById(base.mediumId) : null;
  return medium && medium.pieceShape !== 'strand' ? Math.sqrt(medium.d10Mm * medium.d90Mm) : null;
}

describe.each(cases.map((worked) => [worked.name, worked] as const))('%s', (_name, worked) => {
  const plan = planInWords(worked.planCase);
  const leader = leaderOf(plan);
  const pieces = plan.setups.find((setup) => setup.spec.vessel.kind === 'pot' && meanMm(setup) !== null);
  const potted = plan.setups.find((setup) => setup.spec.vessel.kind === 'pot' && setup.approach !== 'basket');

  test('is settled as that school would', () => {
    if (worked.leads) expect(worked.leads).toContain(leader.approach);
    for (const approach of worked.neverApproaches ?? []) {
      expect(plan.setups.map((setup) => setup.approach)).not.toContain(approach);
    }
    for (const family of worked.neverFamilies ?? []) {
      for (const setup of plan.setups.filter((entry) => entry.approach !== 'mount')) {
        const main = setup.layers.find((layer) => layer.role === 'main')!;
        const base = [...main.mix].sort((a, b) => b.parts - a.parts)[0]!;
        expect(mediumById(base.mediumId).family).not.toBe(family);
      }
    }
    const ruleIds = plan.ruledOut.map((out) => out.ruleId);
    for (const ruleId of worked.ruledOutBy ?? []) expect(ruleIds).toContain(ruleId);
    const spoken = leader.findings.map((finding) => finding.ruleId);
    for (const ruleId of worked.says ?? []) expect(spoken).toContain(ruleId);
    for (const ruleId of worked.keepsSilent ?? []) expect(spoken).not.toContain(ruleId);
    if (worked.stages) expect(leader.changeOver.stages).toHaveLength(worked.stages);
  });

  test('with its pieces, pot, layers, position and depth', () => {
    if (worked.pieceMm) {
      expect(meanMm(pieces!)!).toBeGreaterThanOrEqual(worked.pieceMm[0]);
      expect(meanMm(pieces!)!).toBeLessThanOrEqual(worked.pieceMm[1]);
    }
    if (worked.rimCm) {
      const { vessel } = potted!.spec;
      const rim = vessel.kind === 'pot' ? vessel.rimDiameterCm : 0;
      expect(rim).toBeGreaterThanOrEqual(worked.rimCm[0]);
      expect(rim).toBeLessThanOrEqual(worked.rimCm[1]);
    }
    if (worked.hasTop) expect(leader.layers[leader.layers.length - 1]!.role).toBe('top dressing');
    if (worked.position) expect(potted!.placement.position).toBe(worked.position);
    if (worked.depthCm) {
      expect(potted!.placement.baseAboveSurfaceCm).toBeGreaterThanOrEqual(worked.depthCm[0]);
      expect(potted!.placement.baseAboveSurfaceCm).toBeLessThanOrEqual(worked.depthCm[1]);
    }
  });

  test('tells stages, what clings, and its costs', () => {
    for (const setup of plan.setups) {
      expect(setup.changeOver.stages.length).toBeGreaterThan(0);
      expect(setup.changeOver.clinging).toMatch(/^[A-Z].*\.$/);
      expect(setup.costs.minutesPerWeek).toBeGreaterThan(0);
      expect(setup.costs.riskShare).toBeGreaterThanOrEqual(0);
    }
  });
});

test('three weeks away give a reservoir points and take them off a mount', () => {
  const away: PlanCase = {
    genus: 'phalaenopsis',
    place: 'kitchen-sill',
    routine: every(3),
    holiday: { fromDay: 190, days: 21 },
  };
  const overWater: SetupSpec = {
    approach: 'wick reservoir',
    vessel: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 13 },
    layers: [{ role: 'main', mix: [{ mediumId: 'clay-pebbles-8-16', parts: 1 }], heightCm: 10 }],
  };
  const onCork: SetupSpec = {
    approach: 'mount',
    vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 1 },
    layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 1 }],
  };
  const pointsFor = (planCase: PlanCase, spec: SetupSpec, ruleId: string) =>
    reviewSetup(planCase, spec).findings.find((finding) => finding.ruleId === ruleId)?.points ?? 0;
  expect(pointsFor(away, overWater, 'absence-reservoir')).toBeGreaterThan(0);
  expect(pointsFor(away, onCork, 'absence-mount')).toBeLessThan(0);
  const atHome = { ...away, holiday: undefined };
  expect(pointsFor(atHome, overWater, 'absence-reservoir')).toBe(0);
  expect(pointsFor(atHome, onCork, 'absence-mount')).toBe(0);
});

test('out of packed moss, straight into coarse airy bark costs points', () => {
  const plan = planInWords({
    genus: 'phalaenopsis',
    place: 'bathroom',
    routine: every(4),
    current: { mediumId: 'sphagnum-packed', yearsInMedium: 1 },
  });
  const airy = plan.setups.find((setup) =>
    setup.findings.some((finding) => finding.ruleId === 'wet-to-airy-in-stages'),
  );
  expect(airy!.changeOver.stages).toHaveLength(2);
  expect(leaderOf(plan).findings.map((finding) => finding.ruleId)).not.toContain('wet-to-airy-in-stages');
});
