import { constantPlace } from '../air';
import { planCaseSchema, resolveCase, type PlanCase } from '../case';
import { demoPlaceIds } from '../demo/places';
import { genusIds, plantStates } from '../plants';
import { contextOf, factsOf, generateCandidates, judge, type CandidateFacts, type CaseContext } from '../setups';
import { metricWords } from '../words/format';
import { allRules, runRules, type RuleInput } from '.';

/** Cases chosen so that every corner of the trade is visited: genera, airs, states, pasts, wishes. */
const cases: readonly PlanCase[] = [
  { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 7 } },
  { genus: 'phalaenopsis', place: 'heated-flat', state: 'failing, poor roots' },
  {
    genus: 'phalaenopsis',
    place: 'cool-shade',
    state: 'no new growth',
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
];

interface Visit {
  readonly input: RuleInput;
  readonly label: string;
}

function visits(): Visit[] {
  return cases.flatMap((planCase) => {
    const context: CaseContext = contextOf(resolveCase(planCaseSchema.parse(planCase)));
    const candidates = generateCandidates(context).map((spec): CandidateFacts => factsOf(context, spec));
    // Every ninth is judged over the year: enough to meet each kind of setup, and quick.
    return candidates.map((facts, i) => ({
      input: { context, facts, judgement: i % 9 === 0 ? judge(context, facts) : null },
      label: `${planCase.genus} in ${String(planCase.place)}: ${facts.id}`,
    }));
  });
}

const everyVisit = visits();

test('rules have ids of their own and an origin', () => {
  expect(new Set(allRules.map((rule) => rule.id)).size).toBe(allRules.length);
  for (const rule of allRules) expect(rule.provenance.kind).toMatch(/common practice|memory|published/);
});

describe.each(allRules.map((rule) => [rule.id, rule] as const))('rule %s', (_id, rule) => {
  const speaking = everyVisit.filter(({ input }) => rule.applies(input));

  test('speaks somewhere and is silent elsewhere', () => {
    expect(speaking.length).toBeGreaterThan(0);
    expect(speaking.length).toBeLessThan(everyVisit.length);
  });

  test('says whole sentences without holes', () => {
    for (const { input } of speaking.slice(0, 40)) {
      const sentence = rule.say(input, metricWords);
      expect(sentence).toMatch(/^[A-Z0-9].*[.]$/);
      expect(sentence + rule.wouldChange(input, metricWords)).not.toMatch(/undefined|NaN|Infinity|null|\[object/);
    }
  });

  test('weighs something if it weighs at all', () => {
    if (rule.effect === 'penalise' || rule.effect === 'prefer') expect(rule.points).toBeGreaterThan(0);
    else expect(rule.points).toBe(0);
  });
});

test('points take off where a rule penalises and add where it prefers', () => {
  for (const { input } of everyVisit.slice(0, 300)) {
    for (const finding of runRules(allRules, input, metricWords)) {
      if (finding.effect === 'penalise') expect(finding.points).toBeLessThan(0);
      else if (finding.effect === 'prefer') expect(finding.points).toBeGreaterThan(0);
      else expect(finding.points).toBe(0);
    }
  }
});

describe('what must never be (common practice, no source)', () => {
  const ruledOut = ({ input }: Visit) =>
    runRules(allRules, input, metricWords)
      .filter((finding) => finding.effect === 'rule out')
      .map((finding) => finding.ruleId);

  test('a failing plant over a reservoir', () => {
    const wrong = everyVisit.filter(
      ({ input }) => input.context.plant.state === 'failing, poor roots' && input.facts.hasReservoir,
    );
    expect(wrong.length).toBeGreaterThan(0);
    for (const visit of wrong) expect(ruledOut(visit)).toContain('failing-plant-over-water');
  });

  test('a mount in dry air for someone who does not wet it daily', () => {
    const wrong = everyVisit.filter(
      ({ input }) =>
        input.facts.spec.approach === 'mount' &&
        input.context.climate.leastHumidityPct < 60 &&
        (input.context.gapDays ?? 9) > 1,
    );
    expect(wrong.length).toBeGreaterThan(0);
    for (const visit of wrong) expect(ruledOut(visit)).toContain('mount-in-dry-air');
  });

  test('baked clay in frost', () => {
    const wrong = everyVisit.filter(
      ({ input }) =>
        input.context.climate.coldestC < 0 && input.facts.mainMix.some((part) => part.medium.family === 'baked clay'),
    );
    expect(wrong.length).toBeGreaterThan(0);
    for (const visit of wrong) expect(ruledOut(visit)).toContain('frost-and-baked-clay');
  });

  test('slippers in the open', () => {
    const wrong = everyVisit.filter(
      ({ input }) =>
        input.context.plant.genus.cover === 'needs cover' &&
        (input.facts.spec.approach === 'mount' || input.facts.spec.approach === 'basket'),
    );
    for (const visit of wrong) expect(ruledOut(visit)).toContain('needs-cover');
  });
});

test('every genus, state and place can be asked about', () => {
  expect(genusIds.length * plantStates.length * demoPlaceIds.length).toBeGreaterThan(1000);
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
