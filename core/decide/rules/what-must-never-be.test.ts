/**
 * Decisions a grower would stop with a hand on your arm, and their near misses: the same with one thing
 * changed, which nobody would stop. Common practice, no source.
 */
import type { PlanCase, SetupSpec } from '../../case';
import { contextOf, factsOf, judge } from '../setups';
import { allRules, type RuleId } from './all';
import { runRules } from './rule';
import { planCaseSchema, resolveCase } from '../../testing';

const pot = (
  potKindId: string,
  rimDiameterCm: number,
  mediumId: string,
  approach: SetupSpec['approach'],
): SetupSpec => ({
  approach,
  vessel: { kind: 'pot', potKindId, rimDiameterCm },
  layers: [{ role: 'main', mix: [{ mediumId, parts: 1 }], heightCm: 6 }],
});
const overWater = pot('wick-pot', 12, 'clay-pebbles-8-16', 'wick reservoir');
const bark = pot('plastic-round', 12, 'bark-9-15', 'organic pot');
const bakedClay = pot('plastic-round', 12, 'baked-clay-2-5', 'moist inorganic');
const basket = pot('slat-basket', 15, 'bark-12-25', 'basket');
const husk = pot('plastic-slotted', 12, 'coco-chips-6-12', 'organic pot');
const mossPot = pot('plastic-round', 10, 'sphagnum-loose', 'moss pot');
const soil = pot('plastic-round', 14, 'peat-perlite', 'soil-like mix');
const cork: SetupSpec = {
  approach: 'mount',
  vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 0 },
  layers: [{ role: 'main', mix: [{ mediumId: 'sphagnum-loose', parts: 1 }], heightCm: 0.2 }],
};

const flat: PlanCase = { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } };
const terrace: PlanCase = { genus: 'vanda', place: 'humid-terrace', routine: { kind: 'every', days: 1 } };

interface Stopped {
  readonly what: string;
  readonly ruleId: RuleId;
  readonly wrong: readonly [PlanCase, SetupSpec];
  readonly nearMiss: readonly [PlanCase, SetupSpec];
}

const failing: PlanCase = { ...flat, liveRootsPct: 20, signs: { tips: 'none' } };
const fromBark: PlanCase = { ...flat, current: { mediumId: 'bark-6-12' }, signs: { tips: 'none', shoot: 'none' } };
const slipper: PlanCase = { genus: 'paphiopedilum', place: 'cool-shade', routine: { kind: 'every', days: 4 } };

const cases: readonly Stopped[] = [
  {
    what: 'a failing plant over water',
    ruleId: 'failing-plant-over-water',
    wrong: [failing, overWater],
    nearMiss: [flat, overWater],
  },
  {
    what: 'a mount in dry air, wetted once a week',
    ruleId: 'mount-in-dry-air',
    wrong: [flat, cork],
    nearMiss: [{ ...flat, place: 'glasshouse' }, cork],
  },
  {
    what: 'the same, wetted every day, is work but no mistake',
    ruleId: 'mount-in-dry-air',
    wrong: [{ ...flat, routine: { kind: 'every', days: 2 } }, cork],
    nearMiss: [{ ...flat, routine: { kind: 'every', days: 1 } }, cork],
  },
  {
    what: 'baked clay out in the frost',
    ruleId: 'frost-and-baked-clay',
    wrong: [{ genus: 'cypripedium', place: 'slate-yard' }, bakedClay],
    nearMiss: [{ genus: 'cypripedium', place: 'cool-shade' }, bakedClay],
  },
  { what: 'a slipper in a basket', ruleId: 'needs-cover', wrong: [slipper, basket], nearMiss: [slipper, bark] },
  { what: 'a slipper on cork', ruleId: 'needs-cover', wrong: [slipper, cork], nearMiss: [terrace, cork] },
  {
    what: 'husk round a Brassavola',
    ruleId: 'husk-rots-its-roots',
    wrong: [{ ...terrace, genus: 'brassavola' }, husk],
    nearMiss: [{ ...terrace, genus: 'encyclia' }, husk],
  },
  {
    what: 'a Vanda in a pot of moss',
    ruleId: 'moss-round-bare-roots',
    wrong: [terrace, mossPot],
    nearMiss: [flat, mossPot],
  },
  {
    what: 'a tree orchid in peat',
    ruleId: 'soil-for-tree-orchids',
    wrong: [terrace, soil],
    nearMiss: [{ genus: 'spathoglottis', place: 'humid-terrace' }, soil],
  },
  {
    what: 'out of bark over water without a tip',
    ruleId: 'no-tips-no-change-to-water',
    wrong: [fromBark, overWater],
    nearMiss: [{ ...fromBark, signs: { tips: 'starting' } }, overWater],
  },
  {
    what: 'an equitant Oncidium over water',
    ruleId: 'genus-never-over-water',
    wrong: [{ ...terrace, genus: 'oncidium-equitant' }, overWater],
    nearMiss: [{ ...flat, genus: 'phragmipedium' }, overWater],
  },
  {
    what: 'a sleeping Catasetum over water',
    ruleId: 'leafless-over-water',
    wrong: [{ genus: 'catasetum', place: 'glasshouse', signs: { resting: true } }, overWater],
    nearMiss: [{ genus: 'catasetum', place: 'glasshouse', signs: { shoot: 'half grown' } }, overWater],
  },
];

function forbidding([planCase, spec]: readonly [PlanCase, SetupSpec]): readonly RuleId[] {
  const context = contextOf(resolveCase(planCaseSchema.parse(planCase)));
  const facts = factsOf(context, spec);
  return runRules(allRules, { context, facts, judgement: judge(context, facts) })
    .filter((finding) => finding.effect === 'rule out')
    .map((finding) => finding.ruleId);
}

describe.each(cases.map((entry) => [entry.what, entry] as const))('%s', (_what, { ruleId, wrong, nearMiss }) => {
  test('is stopped', () => {
    expect(forbidding(wrong)).toContain(ruleId);
  });
  test('but its near miss is not, by that rule', () => {
    expect(forbidding(nearMiss)).not.toContain(ruleId);
  });
});

describe('what the grower’s own record says', () => {
  const withRecord = (well: number, badly: number): PlanCase => ({
    ...flat,
    handsRecord: [{ family: 'conifer bark', well, badly }],
  });
  const pointsOf = (planCase: PlanCase) => {
    const context = contextOf(resolveCase(planCaseSchema.parse(planCase)));
    const facts = factsOf(context, bark);
    return runRules(allRules, { context, facts, judgement: null })
      .filter(({ ruleId }) => ruleId.endsWith('by-your-record'))
      .reduce((sum, { points }) => sum + points, 0);
  };

  test('speaks by how often it went well, more the more often, and says nothing at even odds', () => {
    expect(pointsOf(withRecord(3, 3))).toBe(0);
    expect(pointsOf(flat)).toBe(0);
    const byTimes = [0, 1, 2, 4, 8, 16].map((well) => pointsOf(withRecord(well, 0)));
    expect(byTimes).toEqual([...byTimes].sort((a, b) => a - b));
    for (const times of [1, 5, 9])
      expect(pointsOf(withRecord(0, times))).toBeCloseTo(-pointsOf(withRecord(times, 0)), 9);
  });

  test('eight pottings that all went well weigh more than any rule of a book prefers', () => {
    // A plant that is failing is nursed first, whatever did well.
    const ofBooks = allRules.filter(
      ({ id, effect, topic }) => effect === 'prefer' && topic !== 'grower' && id !== 'recover-first',
    );
    const most = Math.max(...ofBooks.map(({ points }) => points));
    expect(pointsOf(withRecord(8, 0))).toBeGreaterThan(most);
  });
});

describe('an absence of three weeks', () => {
  const away = (days: number, more: Partial<PlanCase> = {}): PlanCase => ({
    ...flat,
    ...more,
    holiday: { fromDay: 190, days },
  });
  const small: SetupSpec = { ...pot('side-hole-pot', 9, 'clay-pebbles-8-16', 'side-hole reservoir') };
  function found(planCase: PlanCase, spec: SetupSpec) {
    const context = contextOf(resolveCase(planCaseSchema.parse(planCase)));
    const facts = factsOf(context, spec);
    return runRules(allRules, { context, facts, judgement: judge(context, facts) });
  }
  const pointsOf = (planCase: PlanCase, spec: SetupSpec, id: RuleId) =>
    found(planCase, spec).find(({ ruleId }) => ruleId === id)?.points ?? 0;

  test('speaks for a reservoir by what it carries of it, without a jump', () => {
    const byDays = Array.from({ length: 41 }, (_, i) => pointsOf(away(20 + i), small, 'absence-reservoir'));
    const steps = byDays.slice(1).map((points, i) => Math.abs(points - byDays[i]!));
    expect(byDays[0]!).toBeGreaterThanOrEqual(byDays.at(-1)!);
    expect(byDays.at(-1)!).toBe(0);
    expect(Math.max(...steps)).toBeLessThan(1.5);
  });

  test('is not carried by a small reservoir in dry air: someone is asked', () => {
    const planCase = away(60);
    expect(found(planCase, small).map(({ ruleId }) => ruleId)).toContain('absence-asks-someone');
    expect(found(planCase, bark).map(({ ruleId }) => ruleId)).toContain('absence-asks-someone');
    expect(found(away(1), bark).map(({ ruleId }) => ruleId)).not.toContain('absence-asks-someone');
  });

  test('over the turn of the year is the same as within one', () => {
    const context = contextOf(resolveCase(planCaseSchema.parse({ ...flat, holiday: { fromDay: 355, days: 30 } })));
    const { year } = judge(context, factsOf(context, bark));
    const atHome = contextOf(resolveCase(planCaseSchema.parse(flat)));
    const there = judge(atHome, factsOf(atHome, bark)).year;
    // January lies dry too, not December alone.
    expect(year.months[0]!.harmDays + year.months[0]!.watchDays).toBeGreaterThan(
      there.months[0]!.harmDays + there.months[0]!.watchDays,
    );
  });
});
