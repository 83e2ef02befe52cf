import type { PlanCase, SetupSpec } from '../../case';
import { planCaseSchema, resolveCase } from '../../testing';
import { allRules, forbiddingRule, type RuleFinding, rulePoints } from '../rules';
import { type CandidateFacts, contextOf, factsOf, generateCandidates, type Judgement } from '../setups';
import { choiceConstants, k } from './constants';
import { groupRuledOut } from './ruled-out';
import { dryPoints, promisedHealth, pullsOf, totalPoints } from './score';
import { isHopeless, pickForTheYear, screenAll, type Screened } from './screening';
import { familyKey, pickVaried } from './variety';

const contextFor = (planCase: PlanCase) => contextOf(resolveCase(planCaseSchema.parse(planCase)));
const context = contextFor({ genus: 'phalaenopsis', place: 'heated-flat' });
const need = context.plant.genus.airNeed;
const specs = generateCandidates(context);
const someFacts = factsOf(context, specs[0]!, 'coarse');
const judgedWith = (rootHealth: number, heat = 0) =>
  ({ year: { rootHealth, stress: { heat, cold: 0 } } }) as unknown as Judgement;
const finding = (ruleId: string, points: number) => ({ ruleId, points }) as unknown as RuleFinding;

/** The same setup, told that its air or its pieces were others. */
const told = (change: Partial<CandidateFacts>): CandidateFacts => ({ ...someFacts, ...change });

describe('a score is the sum of its pulls', () => {
  const pointsOf = (facts: CandidateFacts, rootHealth = 0.5, findings: readonly RuleFinding[] = []) =>
    pullsOf(context, facts, judgedWith(rootHealth), findings).map((pull) => pull.points);
  const airOf = (airAfterWatering: number) => pointsOf(told({ airAfterWatering }))[2]!;

  test('root health pulls in proportion, 54 points for a whole year, and warmth six', () => {
    expect(pointsOf(someFacts, 1)[0]).toBe(54);
    expect(pointsOf(someFacts, 0.25)[0]).toBe(13.5);
    expect(pointsOf(someFacts, 1)[1]).toBe(6);
    expect(pullsOf(context, someFacts, judgedWith(1, 0.5), [])[1]!.points).toBe(3);
  });

  test('air pulls nothing up to half of the need and twenty from the need on', () => {
    expect(airOf(0)).toBe(0);
    expect(airOf(0.5 * need)).toBeCloseTo(0, 12);
    expect(airOf(0.49 * need)).toBe(0);
    expect(airOf(0.75 * need)).toBeCloseTo(10, 12);
    expect(airOf(need)).toBeCloseTo(20, 12);
    expect(airOf(2 * need)).toBeCloseTo(20, 12);
  });

  test('pieces pull twenty inside the band, a quarter of it at twice the size', () => {
    expect(pointsOf(told({ misfit: 1 }))[3]).toBe(20);
    expect(pointsOf(told({ misfit: 2 }))[3]).toBe(5);
  });

  test('rules that only speak do not pull', () => {
    const pulls = pullsOf(context, someFacts, judgedWith(1), [finding('hears', 0), finding('wins', 3)]);
    expect(pulls.map((pull) => pull.code).slice(4)).toEqual(['wins']);
  });

  test('the total is all of them, and what is known dry with what is promised comes to the same', () => {
    expect(totalPoints([])).toBe(0);
    const facts = told({ airAfterWatering: 0.8 * need, misfit: 1.5 });
    const rules = [finding('a', 4), finding('b', -7)];
    const total = totalPoints(pullsOf(context, facts, judgedWith(0, 1), rules));
    expect(dryPoints(context, facts, -3)).toBeCloseTo(total, 12);
    expect(total).toBeCloseTo(12 + 20 / 2.25 - 3, 12);
  });

  test('no health is promised that a year could not give', () => {
    for (const spec of specs.filter((_, index) => index % 400 === 0)) {
      const promised = promisedHealth(context, factsOf(context, spec, 'coarse'));
      expect(promised).toBeGreaterThanOrEqual(0);
      expect(promised).toBeLessThanOrEqual(k.HEALTH_WEIGHT);
    }
  });
});

describe('thousands are screened', () => {
  const sample = specs.filter((_, index) => index % 12 === 0);
  const progress: number[] = [];
  const { open, forbidden } = screenAll(context, sample, (done) => progress.push(done));

  test('each once: forbidden by the first rule that forbids it, or weighed', () => {
    const expected = sample.filter((spec) => {
      const facts = factsOf(context, spec, 'coarse');
      return Boolean(forbiddingRule(allRules, { context, facts, judgement: null }));
    });
    expect(forbidden.map((entry) => entry.facts.spec)).toEqual(expected);
    expect(expected.length).toBeGreaterThan(10);
    expect(sample.length - expected.length).toBeGreaterThan(100);
  });

  test('stopping early loses none of the best three of a kind', () => {
    const byKind = new Map<string, number[]>();
    for (const spec of sample) {
      const facts = factsOf(context, spec, 'coarse');
      const input = { context, facts, judgement: null };
      if (forbiddingRule(allRules, input)) continue;
      const promise = dryPoints(context, facts, rulePoints(allRules, input)) + promisedHealth(context, facts);
      byKind.set(familyKey(facts), [...(byKind.get(familyKey(facts)) ?? []), promise]);
    }
    const best = [...byKind].map(([kind, promises]) => [kind, promises.sort((a, b) => b - a).slice(0, 3)] as const);
    const kept = new Map<string, number[]>();
    for (const entry of open) kept.set(entry.kind, [...(kept.get(entry.kind) ?? []), entry.promise]);
    expect(byKind.size).toBeGreaterThan(8);
    expect(Object.fromEntries(kept)).toEqual(Object.fromEntries(best));
  });

  test('the most promising lead', () => {
    const promises = open.map((entry) => entry.promise);
    expect(promises).toEqual([...promises].sort((a, b) => b - a));
  });

  test('progress is told every fifty setups', () => {
    expect(progress).toEqual(Array.from({ length: Math.floor(sample.length / 50) }, (_, index) => 50 * (index + 1)));
  });
});

describe('which are judged over the year', () => {
  const entry = (approach: string, kind: string, promise: number): Screened => ({
    spec: { approach } as SetupSpec,
    kind,
    promise,
  });

  test('the first of each kind; its seconds wait', () => {
    const a = entry('organic pot', 'bark', 70);
    const b = entry('organic pot', 'bark', 60);
    const c = entry('organic pot', 'moss', 50);
    expect(pickForTheYear([a, b, c])).toEqual({ first: [a, c], later: [b] });
  });

  test('six of each way of potting, and another way is not held back by it', () => {
    const many = Array.from({ length: 8 }, (_, index) => entry('organic pot', `kind ${index}`, 80 - index));
    const other = entry('mount', 'cork', 10);
    expect(pickForTheYear([...many, other])).toEqual({ first: [...many.slice(0, 6), other], later: many.slice(6) });
  });

  test('one is hopeless when its promise and its slack stay behind the last that would be shown', () => {
    const shown = Array.from({ length: 14 }, (_, index) => 50 + index);
    const slack = choiceConstants.PROMISE_SLACK.value;
    expect(isHopeless(entry('organic pot', 'bark', 50 - slack - 0.01), shown)).toBe(true);
    expect(isHopeless(entry('organic pot', 'bark', 50 - slack), shown)).toBe(false);
    // A lower one judged beyond the shelf does not lower the bar.
    expect(isHopeless(entry('organic pot', 'bark', 50 - slack - 0.01), [1, ...shown])).toBe(true);
  });

  test('none is hopeless while the shelf has room', () => {
    const thirteen = Array.from({ length: 13 }, () => 90);
    expect(isHopeless(entry('organic pot', 'bark', -100), thirteen)).toBe(false);
  });
});

describe('what is shown is varied', () => {
  const oneOf = (approach: string, test: (facts: CandidateFacts) => boolean = () => true): CandidateFacts => {
    for (const spec of specs) {
      if (spec.approach !== approach) continue;
      const facts = factsOf(context, spec, 'coarse');
      if (test(facts)) return facts;
    }
    throw new Error(`No ${approach} among the candidates`);
  };
  const bark = oneOf('organic pot', (facts) => facts.mainMix.length === 1);
  const barkMix = oneOf('organic pot', (facts) => facts.mainMix.length > 1);
  const mineral = oneOf('moist inorganic');
  const ranked = (facts: CandidateFacts, score: number) => ({ facts, score });

  test('plain and mixed, and another way of potting, are other kinds', () => {
    expect(new Set([familyKey(bark), familyKey(barkMix), familyKey(mineral)]).size).toBe(3);
  });

  test('another medium comes before a second setup in the same', () => {
    const list = [...Array.from({ length: 20 }, (_, index) => ranked(bark, 90 - index)), ranked(mineral, 60)];
    const shown = pickVaried(list);
    expect(shown.map((judged) => judged.facts)).toContain(mineral);
    expect(shown[0]!.score).toBe(90);
  });

  test('what stands far behind the leader is no choice once there are enough', () => {
    const leaders = specs
      .filter((spec) => spec.approach === 'organic pot')
      .slice(0, 12)
      .map((spec, index) => ranked(factsOf(context, spec, 'coarse'), 100 - index));
    const behind = ranked(mineral, 100 - choiceConstants.SHOWN_WITHIN.value - 1);
    const within = ranked(mineral, 100 - choiceConstants.SHOWN_WITHIN.value);
    // Two media are not enough to choose from, so the second is shown however far it is.
    expect(pickVaried([...leaders, behind])).toContain(behind);
    expect(pickVaried([...leaders, within])).toContain(within);
    expect(pickVaried([...leaders, behind]).length).toBeGreaterThanOrEqual(choiceConstants.LEAST_SETUPS.value);
  });

  test('six kinds are enough: a seventh far behind is left out, near it is shown', () => {
    const kinds = new Map<string, CandidateFacts>();
    for (const spec of specs) {
      const facts = factsOf(context, spec, 'coarse');
      if (!kinds.has(familyKey(facts))) kinds.set(familyKey(facts), facts);
    }
    const [seventh, ...leaders] = [...kinds.values()].slice(0, 7);
    const list = leaders.map((facts, index) => ranked(facts, 100 - index));
    const far = ranked(seventh!, 100 - choiceConstants.SHOWN_WITHIN.value - 0.01);
    const near = ranked(seventh!, 100 - choiceConstants.SHOWN_WITHIN.value);
    expect(pickVaried([...list, far])).toEqual(list);
    expect(pickVaried([...list, near])).toEqual([...list, near]);
  });

  test('best first, at most a shelf of them, none twice, of nothing nothing', () => {
    const every = specs
      .filter((_, index) => index % 3 === 0)
      .map((spec, index) => ranked(factsOf(context, spec, 'coarse'), 100 - index / 100));
    const shown = pickVaried(every);
    expect(shown.length).toBeLessThanOrEqual(choiceConstants.MOST_SETUPS.value);
    expect(shown.length).toBeGreaterThan(choiceConstants.LEAST_SETUPS.value);
    expect(new Set(shown).size).toBe(shown.length);
    expect(shown[0]).toBe(every[0]);
    expect(shown.map((judged) => judged.score)).toEqual([...shown.map((judged) => judged.score)].sort((a, b) => b - a));
    expect(pickVaried([])).toEqual([]);
  });
});

test('what one rule put aside in one way and medium stands as one, with how many it was', () => {
  const entries = specs
    .filter((_, index) => index % 4 === 0)
    .flatMap((spec) => {
      const facts = factsOf(context, spec, 'coarse');
      const rule = forbiddingRule(allRules, { context, facts, judgement: null });
      return rule ? [{ facts, judgement: null, rule }] : [];
    });
  const groups = groupRuledOut(context, entries);
  expect(entries.length).toBeGreaterThan(groups.length);
  expect(groups.reduce((sum, group) => sum + group.alike, 0)).toBe(entries.length);
  const key = ({ spec, finding: { ruleId } }: (typeof groups)[number]) =>
    `${spec.approach}|${ruleId}|${factsOf(context, spec, 'coarse').mainMix[0]!.medium.family}`;
  expect(new Set(groups.map(key)).size).toBe(groups.length);
  for (const group of groups) expect(group.finding.effect).toBe('rule out');
});
