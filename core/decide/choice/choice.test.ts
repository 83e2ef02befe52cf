import type { PlanCase, SetupSpec } from '../../case';
import { planCaseSchema, resolveCase } from '../../testing';
import { allRules, forbiddingRule, type RuleFinding, rulePoints } from '../rules';
import { type CandidateFacts, contextOf, factsOf, generateCandidates, type Judgement } from '../setups';
import { choiceConstants, weight, weightPrior } from './constants';
import { leastBad } from './least-bad';
import { groupRuledOut } from './ruled-out';
import { dryPoints, promisedPoints, pullsOf, scoredBy, scoreOf, WET_POINTS } from './score';
import { isHopeless, pickForTheYear, screenAll, type Screened, type Screening } from './screening';
import { familyKey, pickVaried } from './variety';

const contextFor = (planCase: PlanCase) => contextOf(resolveCase(planCaseSchema.parse(planCase)));
const context = contextFor({ genus: 'phalaenopsis', place: 'heated-flat' });
const need = context.plant.genus.airNeed;
const specs = generateCandidates(context);
const someFacts = factsOf(context, specs[0]!, 'coarse');
/** A year of which only what the score reads is told. */
const judgedWith = (rootHealth: number, { heat = 0, worst = 0, lateHealth = 1, earlyHealth = 1, waterings = 0 } = {}) =>
  ({
    lateHealth,
    earlyHealth,
    year: {
      rootHealth,
      waterings,
      stress: { heat, cold: 0 },
      months: [{ stress: { air: worst, drought: worst / 2 } }, { stress: { air: 0, drought: 0 } }],
    },
  }) as unknown as Judgement;
const finding = (ruleId: string, points: number) => ({ ruleId, points }) as unknown as RuleFinding;

/** The same setup, told that its air or its pieces were others. */
const told = (change: Partial<CandidateFacts>): CandidateFacts => ({ ...someFacts, ...change });

describe('a score is made of its pulls', () => {
  const pulls = (facts: CandidateFacts, judgement = judgedWith(0.5), findings: readonly RuleFinding[] = []) =>
    pullsOf(context, scoredBy(context, facts, judgement, findings), findings);
  const pointsFor = (code: string, facts: CandidateFacts, judgement?: Judgement) =>
    pulls(facts, judgement).find((pull) => pull.code === code)?.points ?? 0;

  test('the parts of a good setup are worth a hundred together', () => {
    expect(Object.values(weight).reduce((sum, points) => sum + points, 0)).toBeCloseTo(100, 9);
    expect(Object.values(weightPrior).reduce((sum, points) => sum + points, 0)).toBeCloseTo(100, 9);
    const best = { airAfterWatering: need, misfit: 1, lifeYears: 1e6 };
    const sum = pulls(told(best), judgedWith(1)).reduce((all, pull) => all + pull.points, 0);
    // All but what dearer media and the place take off.
    expect(sum).toBeGreaterThan(100 - weight.price - 45);
    expect(sum).toBeLessThanOrEqual(100);
  });

  test('a change for the roots takes off, the more the further it is, and never adds', () => {
    const inBark = contextFor({
      genus: 'phalaenopsis',
      place: 'heated-flat',
      current: { mediumId: 'bark-6-12', yearsInMedium: 1 },
    });
    const pointsOf = (mediumId: string) => {
      const spec = generateCandidates(inBark).find(
        ({ layers }) => layers.find(({ role }) => role === 'main')!.mix[0]!.mediumId === mediumId,
      )!;
      const all = pullsOf(inBark, scoredBy(inBark, factsOf(inBark, spec, 'coarse'), judgedWith(1), []), []);
      return all.find(({ code }) => code === 'a change for the roots')?.points ?? 0;
    };
    expect(pointsOf('bark-6-12')).toBe(0);
    expect(pointsOf('bark-9-15')).toBeLessThan(0);
    expect(pointsOf('pumice-8-16')).toBeLessThan(pointsOf('bark-9-15'));
  });

  test('the first half of root health tells more than the last', () => {
    const of = (health: number) => pointsFor('root health over the year', someFacts, judgedWith(health));
    expect(of(0)).toBe(0);
    expect(of(1)).toBe(weight['root health over the year']);
    expect(of(0.5) - of(0)).toBeGreaterThan(1.5 * (of(1) - of(0.5)));
  });

  test('heat, the worst month, a late week and an early hand each pull at their own', () => {
    expect(pointsFor('warmth over the year', someFacts, judgedWith(1, { heat: 0.5 }))).toBe(
      weight['warmth over the year'] / 2,
    );
    expect(pointsFor('far from harm in its worst month', someFacts, judgedWith(1, { worst: 0.25 }))).toBe(
      0.75 * weight['far from harm in its worst month'],
    );
    expect(pointsFor('forgives a late week', someFacts, judgedWith(1, { lateHealth: 0.5 }))).toBe(
      weight['forgives a late week'] / 2,
    );
    expect(pointsFor('forgives an early hand', someFacts, judgedWith(1, { earlyHealth: 0 }))).toBe(0);
    expect(pointsFor('little work', someFacts, judgedWith(1, { waterings: 700 }))).toBeLessThan(
      pointsFor('little work', someFacts, judgedWith(1, { waterings: 50 })),
    );
  });

  test('air pulls nothing up to half of the need and all from the need on', () => {
    const of = (airAfterWatering: number) => pointsFor('air for the roots', told({ airAfterWatering }));
    expect(of(0.5 * need)).toBeCloseTo(0, 12);
    expect(of(0.49 * need)).toBe(0);
    expect(of(0.75 * need)).toBeCloseTo(weight['air for the roots'] / 2, 12);
    expect(of(2 * need)).toBeCloseTo(weight['air for the roots'], 12);
  });

  test('pieces at twice the size pull a quarter; life is a slope without a cliff', () => {
    const ofPieces = (misfit: number) => pointsFor('piece size for the roots', told({ misfit }));
    expect(ofPieces(2)).toBeCloseTo(ofPieces(1) / 4, 12);
    const lives = [0.5, 1, 1.5, 2, 3, 4, 6].map((lifeYears) => pointsFor('life of the medium', told({ lifeYears })));
    lives.slice(1).forEach((points, i) => expect(points).toBeGreaterThan(lives[i]!));
    expect(lives[1]! - lives[0]!).toBeGreaterThan(lives[3]! - lives[2]!);
  });

  test('rules that only speak do not pull', () => {
    const codes = pulls(someFacts, judgedWith(1), [finding('hears', 0), finding('wins', 3)]).map((pull) => pull.code);
    expect(codes).toContain('wins');
    expect(codes).not.toContain('hears');
  });

  test('what is known dry and what water adds come to the same as all together', () => {
    const facts = told({ airAfterWatering: 0.8 * need, misfit: 1.5 });
    const rules = [finding('a', 4), finding('b', -7)];
    const nothing = judgedWith(0, { heat: 1, worst: 1, lateHealth: 0, earlyHealth: 0, waterings: 1e9 });
    const sum = pulls(facts, nothing, rules).reduce((all, pull) => all + pull.points, 0);
    expect(dryPoints(context, facts, -3)).toBeCloseTo(sum, 9);
  });

  test('no more is promised than a year could give', () => {
    for (const spec of specs.filter((_, index) => index % 400 === 0)) {
      const promised = promisedPoints(context, factsOf(context, spec, 'coarse'));
      expect(promised).toBeGreaterThanOrEqual(0);
      expect(promised).toBeLessThanOrEqual(WET_POINTS);
    }
  });
});

describe('the scale', () => {
  const scoreFor = (points: number) => scoreOf([{ code: 'x', points }]);

  test('is the sum in its middle, bends at its ends and never leaves 0 to 100', () => {
    expect(scoreFor(50)).toBe(50);
    expect(scoreFor(90)).toBe(90);
    const sums = Array.from({ length: 400 }, (_, i) => -100 + i * 0.75);
    const scores = sums.map(scoreFor);
    for (const score of scores) {
      expect(score).toBeGreaterThan(0);
      expect(score).toBeLessThan(100);
    }
    // No plateau and no jump.
    scores.slice(1).forEach((score, i) => {
      expect(score).toBeGreaterThan(scores[i]!);
      expect(score - scores[i]!).toBeLessThan(0.8);
    });
  });
});

/** The screening run to its end, its reports noted. */
function screened(all: typeof specs, progress: number[] = []): Screening {
  const steps = screenAll(context, all);
  let step = steps.next();
  for (; !step.done; step = steps.next()) progress.push(step.value);
  return step.value;
}

describe('thousands are screened', () => {
  const sample = specs.filter((_, index) => index % 12 === 0);
  const progress: number[] = [];
  const { open, forbidden } = screened(sample, progress);

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
      const promise = dryPoints(context, facts, rulePoints(allRules, input)) + promisedPoints(context, facts);
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

  test('progress only rises, and ends with all of them', () => {
    expect(progress.every((done, i) => i === 0 || done >= progress[i - 1]!)).toBe(true);
    expect(progress.length).toBeGreaterThan(10);
    expect(progress.at(-1)).toBe(sample.length);
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

test('what one reason put aside stands as one, with how many it was and in which media', () => {
  const entries = specs
    .filter((_, index) => index % 4 === 0)
    .flatMap((spec) => {
      const facts = factsOf(context, spec, 'coarse');
      const rule = forbiddingRule(allRules, { context, facts, judgement: null });
      return rule ? [{ facts, judgement: null, rule }] : [];
    });
  const groups = groupRuledOut(context, entries);
  expect(entries.length).toBeGreaterThan(10 * groups.length);
  expect(groups.reduce((sum, group) => sum + group.alike, 0)).toBe(entries.length);
  expect(groups.map(({ alike }) => alike)).toEqual(groups.map(({ alike }) => alike).sort((a, b) => b - a));
  // Only pieces are told apart, too coarse from too fine.
  const ids = groups.map(({ finding: { ruleId } }) => ruleId);
  expect(ids.length - new Set(ids).size).toBeLessThanOrEqual(1);
  for (const { finding, mediumIds, alike } of groups) {
    expect(finding.effect).toBe('rule out');
    expect(new Set(mediumIds).size).toBe(mediumIds.length);
    expect(mediumIds.length).toBeLessThanOrEqual(alike);
  }
});

describe('where nothing suits', () => {
  const { forbidden } = screened(specs);
  const nearest = leastBad(context, forbidden);

  test('what comes nearest is named, each of another kind, and nothing that the grower refuses', () => {
    expect(nearest.length).toBeGreaterThan(2);
    expect(new Set(nearest.map(({ facts }) => familyKey(facts))).size).toBe(nearest.length);
    const refused = nearest.filter(({ rule }) => rule.topic === 'school');
    expect(refused).toEqual([]);
    expect(leastBad(context, [])).toEqual([]);
  });
});
