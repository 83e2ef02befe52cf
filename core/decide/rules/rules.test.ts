import { grouped } from '../../base';
import { type PlanCase, type SetupSpec, specId } from '../../case';
import { genusIds } from '../../catalogue/genera';
import { constantPlace } from '../../physics/places';
import { metricWords, wordFinding } from '../../words';
import { type CandidateFacts, type CaseContext, contextOf, factsOf, generateCandidates, judge } from '../setups';
import { allRules } from './all';
import { findingOf, isHeld, type RuleInput, runRules } from './rule';
import { planCaseSchema, resolveCase } from '../../testing';
import { approvedLine } from '../../testing/approved';

/** Cases chosen so that every corner of the trade is visited: genera, airs, states, pasts, wants. */
const cases: readonly PlanCase[] = [
  { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } },
  { genus: 'phalaenopsis', place: 'heated-flat', liveRootsPct: 20, signs: { tips: 'none' } },
  {
    genus: 'phalaenopsis',
    place: 'cool-shade',
    signs: { tips: 'none', shoot: 'none' },
    current: { mediumId: 'bark-6-12', vesselKind: 'wick-pot' },
  },
  { genus: 'vanda', place: 'humid-terrace', routine: { kind: 'every', days: 1 } },
  { genus: 'paphiopedilum', place: 'cool-shade', routine: { kind: 'every', days: 4 } },
  { genus: 'oncidium-equitant', place: 'humid-terrace', routine: { kind: 'every', days: 1 } },
  { genus: 'oncidium', place: 'bathroom', rootBallDiameterCm: 26, yearsWanted: 2 },
  { genus: 'brassavola', place: 'humid-terrace', yearsWanted: 5 },
  { genus: 'miltoniopsis', place: 'kitchen-sill', routine: { kind: 'every', days: 7 } },
  { genus: 'masdevallia', place: 'monsoon-balcony', routine: { kind: 'every', days: 14 } },
  { genus: 'spathoglottis', place: 'slate-yard' },
  { genus: 'bulbophyllum', place: 'glasshouse', routine: { kind: 'every', days: 2 } },
  { genus: 'cymbidium', place: 'slate-yard', rootBallDiameterCm: 38 },
  { genus: 'dendrobium-hardcane', place: 'lamp-shelf', heightCm: 120, leafAreaCm2: 3000, rootBallDiameterCm: 6 },
  { genus: 'catasetum', place: 'humid-terrace', routine: { kind: 'every', days: 10 } },
  { genus: 'pleurothallis', place: 'glasshouse', routine: { kind: 'every', days: 2 } },
  {
    genus: 'masdevallia',
    place: 'cool-shade',
    signs: { resting: true },
    current: { mediumId: 'pumice-1-3', yearsInMedium: 2 },
  },
  { genus: 'maxillaria-climbing', place: 'heated-flat', bulbs: 'wrinkled', routine: { kind: 'when dry' } },
  { genus: 'maxillaria', place: 'heated-flat', bulbs: 'wrinkled', holiday: { fromDay: 190, days: 14 } },
  { genus: 'cattleya-unifoliate', place: 'slate-yard', bulbs: 'soft or oozing', liveRootsPct: 40 },
  {
    genus: 'cattleya-unifoliate',
    place: 'lamp-shelf',
    signs: { shoot: 'starting', rot: true },
    schools: { mounts: 'refused', peroxide: 'always', steps: 'small-steps' },
  },
  {
    genus: 'cattleya-bifoliate',
    place: 'kitchen-sill',
    schools: { mounts: 'welcome', medium: 'organic', holes: 'always' },
  },
  {
    genus: 'oncidium',
    place: 'kitchen-sill',
    schools: { medium: 'inorganic', holes: 'never', peroxide: 'never' },
    liveRootsPct: 20,
    signs: { tips: 'none' },
  },
  {
    genus: 'phalaenopsis',
    place: 'kitchen-sill',
    current: { mediumId: 'sphagnum-packed' },
    signs: { tips: 'starting' },
    schools: { steps: 'one-big' },
  },
  {
    genus: 'phalaenopsis',
    place: 'bathroom',
    current: { mediumId: 'coco-fibre', yearsInMedium: 2 },
    routine: { kind: 'weekdays', weekdays: [5] },
  },
  {
    genus: 'zygopetalum',
    place: 'heated-flat',
    signs: { tips: 'none', shoot: 'none' },
    current: { mediumId: 'bark-6-12' },
  },
  { genus: 'catasetum', place: 'glasshouse', signs: { resting: true } },
  { genus: 'pleione', place: 'cool-shade', signs: { resting: true }, shootCount: 6 },
  { genus: 'bulbophyllum', place: 'heated-flat', routine: { kind: 'every', days: 2 } },
  { genus: 'ansellia', place: 'humid-terrace', rootBallDiameterCm: 14 },
  { genus: 'encyclia', place: 'humid-terrace', routine: { kind: 'every', days: 3 } },
  { genus: 'cypripedium', place: 'slate-yard' },
  { genus: 'dendrobium-hardcane', place: 'salt-stair', heightCm: 120, leafAreaCm2: 2500, rootBallDiameterCm: 9 },
  { genus: 'bulbophyllum', place: 'dry-plateau', routine: { kind: 'every', days: 1 } },
  { genus: 'masdevallia', place: 'glasshouse', schools: { top: 'moss' } },
  { genus: 'ludisia', place: 'bathroom', schools: { top: 'moss' } },
  {
    genus: 'dendrobium-hardcane',
    place: 'kitchen-sill',
    heightCm: 110,
    leafAreaCm2: 2500,
    schools: { top: 'pebbles' },
  },
  { genus: 'encyclia', place: 'humid-terrace', genusOverrides: { regime: 'nearly dry', onMount: 'well' } },
  { genus: 'phaius', place: 'dry-plateau', shootCount: 3 },
  { genus: 'stanhopea', place: 'glasshouse', routine: { kind: 'every', days: 2 } },
  {
    genus: 'cattleya-unifoliate',
    place: 'glasshouse',
    wentWell: ['lava'],
    waterKind: 'hard tap',
    wentBadly: ['conifer bark'],
    dislikes: ['mounts', 'standing water', 'baskets', 'plastic'],
  },
  { genus: 'laelia-rupicolous', place: 'southern-porch', routine: { kind: 'every', days: 3 } },
  { genus: 'aerides', place: 'glasshouse', routine: { kind: 'every', days: 1 } },
  { genus: 'disa', place: 'cool-shade', yearsWanted: 5 },
  { genus: 'lycaste', place: 'heated-flat', routine: { kind: 'every', days: 3 } },
  { genus: 'vanilla', place: 'glasshouse' },
  { genus: 'neofinetia', place: 'kitchen-sill' },
  { genus: 'cymbidium-warm', place: 'glasshouse', routine: { kind: 'every', days: 3 } },
  { genus: 'miltonia', place: 'kitchen-sill' },
  { genus: 'sarcochilus', place: 'kitchen-sill' },
  { genus: 'lycaste', place: 'heated-flat', schools: { top: 'moss' } },
  { genus: 'paphiopedilum', place: 'heated-flat', liveRootsPct: 50, routine: { kind: 'when dry' } },
  {
    genus: 'dendrobium-hardcane',
    place: 'heated-flat',
    heightCm: 90,
    rootBallDiameterCm: 6,
    yearsWanted: 4,
    current: { mediumId: 'pumice-3-6' },
  },
  { genus: 'cattleya-unifoliate', place: 'glasshouse', mediaAtHand: ['lava-8-16', 'pebbles-16-32'] },
  { genus: 'cattleya-unifoliate', place: 'glasshouse', mediaAtHand: ['vermiculite-2-4'] },
  { genus: 'cattleya-unifoliate', place: 'glasshouse', wants: ['a mount', 'plastic'] },
  { genus: 'cattleya-unifoliate', place: 'glasshouse', wants: ['a reservoir', 'organic', 'no side holes'] },
  {
    genus: 'cattleya-unifoliate',
    place: 'glasshouse',
    current: { mediumId: 'lava-8-16', vesselKind: 'clay-unglazed' },
    wants: ['inorganic', 'as it is, larger'],
  },
  { genus: 'cypripedium', place: 'cool-shade', signs: { leavesShed: true } },
  { genus: 'dendrobium-softcane', place: 'salt-stair', signs: { resting: true } },
  { genus: 'paphiopedilum', place: 'cool-shade', genusOverrides: { lime: 'wants lime' } },
  { genus: 'paphiopedilum', place: 'cool-shade', genusOverrides: { lime: 'hates lime' }, waterKind: 'hard tap' },
  {
    genus: 'cattleya-unifoliate',
    place: 'glasshouse',
    handsRecord: [
      { family: 'conifer bark', well: 5, badly: 1 },
      { family: 'sphagnum', well: 0, badly: 3 },
    ],
  },
];

interface Visit {
  readonly input: RuleInput;
  readonly caseNumber: number;
  readonly label: string;
}

/** The same part of all setups, whichever others there are: a new recipe moves none of them. */
function isSampled(spec: SetupSpec, oneIn: number): boolean {
  const sum = [...specId(spec)].reduce((total, letter) => (total * 31 + letter.codePointAt(0)!) % 9973, 7);
  return sum % oneIn === 0;
}

function visits(): Visit[] {
  return cases.flatMap((planCase, index) => {
    const context: CaseContext = contextOf(resolveCase(planCaseSchema.parse(planCase)));
    // Every way of potting is met, in several pots and tops.
    const candidates = generateCandidates(context)
      .filter((spec) => isSampled(spec, 17) || spec.vessel.kind === 'mount' || spec.approach === 'recovery in moss')
      .map((spec): CandidateFacts => factsOf(context, spec));
    // Some are judged over the year: enough to meet each kind of setup, and quick.
    return candidates.map((facts) => ({
      input: { context, facts, judgement: isSampled(facts.spec, 10) ? judge(context, facts) : null },
      caseNumber: index,
      label: `${planCase.genus} in ${String(planCase.place)}: ${facts.id}`,
    }));
  });
}

const everyVisit = visits();

test('there are at least 80 rules, over every section of the trade', () => {
  expect(allRules.length).toBeGreaterThanOrEqual(80);
  expect(new Set(allRules.map((rule) => rule.topic)).size).toBe(14);
});

test('rules have ids of their own and an origin', () => {
  expect(new Set(allRules.map((rule) => rule.id)).size).toBe(allRules.length);
  for (const rule of allRules) expect(rule.provenance.kind).toMatch(/common practice|memory|published/);
});

describe.each(allRules.map((rule) => [rule.id, rule] as const))('rule %s', (_id, rule) => {
  const speaking = everyVisit.filter(({ input }) => isHeld(rule, input) && rule.applies(input));

  test('speaks somewhere and is silent elsewhere', () => {
    expect(speaking.length).toBeGreaterThan(0);
    expect(speaking.length).toBeLessThan(everyVisit.length);
  });

  test('says whole sentences without holes', () => {
    for (const { input } of speaking.slice(0, 40)) {
      const { sentence, wouldChange } = wordFinding(findingOf(rule, input), metricWords);
      expect(sentence).toMatch(/^[A-Z0-9].*[.]$/);
      expect(sentence + wouldChange).not.toMatch(/undefined|NaN|Infinity|null|\[object/);
    }
  });

  test('weighs something if it weighs at all', () => {
    if (rule.effect === 'penalise' || rule.effect === 'prefer') expect(rule.points).toBeGreaterThan(0);
    else expect(rule.points).toBe(0);
  });
});

/** Of the setups of a case that were visited: none, less than a quarter, less than three quarters, more. */
function shareSign(share: number): string {
  if (share === 0) return '.';
  return share < 0.25 ? '-' : share < 0.75 ? '+' : '#';
}

test('every rule speaks where it did when it was last looked at, with the same figures', () => {
  const visited = grouped(everyVisit, ({ caseNumber }) => caseNumber);
  const lines = allRules.map((rule) => {
    const { id, effect, points } = rule;
    const speaks = ({ input }: Visit) => isHeld(rule, input) && rule.applies(input);
    const shares = [...visited.values()].map((ofCase) => shareSign(ofCase.filter(speaks).length / ofCase.length));
    const first = everyVisit.find(speaks)!;
    return `${id}: ${shares.join('')} ${approvedLine([effect, points, rule.figures(first.input)])}`;
  });
  expect(lines).toMatchSnapshot();
});

test('points take off where a rule penalises and add where it prefers', () => {
  for (const { input } of everyVisit.slice(0, 300)) {
    for (const finding of runRules(allRules, input)) {
      if (finding.effect === 'penalise') expect(finding.points).toBeLessThan(0);
      else if (finding.effect === 'prefer') expect(finding.points).toBeGreaterThan(0);
      else expect(finding.points).toBe(0);
    }
  }
});

test('every genus can be asked about', () => {
  for (const genus of genusIds) {
    const resolved = resolveCase(planCaseSchema.parse({ genus, place: 'heated-flat' }));
    const context = contextOf(resolved);
    for (const spec of generateCandidates(context).slice(0, 12)) {
      const facts = factsOf(context, spec);
      expect(facts.airAfterWatering).toBeGreaterThan(0);
      expect(facts.column.cellCount).toBeGreaterThan(3);
    }
  }
});

test('constant air is a place like any other', () => {
  const place = constantPlace({ temperatureC: 20, relativeHumidityPct: 60, airflow: 'still room' });
  const resolved = resolveCase(planCaseSchema.parse({ genus: 'lycaste', place: { ...place, name: 'Constant' } }));
  expect(contextOf(resolved).climate).toMatchObject({
    meanHumidityPct: 60,
    coldestC: 20,
    warmestC: 20,
    hasRain: false,
  });
});
