/**
 * The plan: generate setups, rule out, judge, rank, and give the figures that say why. Its
 * sentences stand in words/plan.
 */
import { type PlanCase, resolveCase, type ResolvedCase } from '../case';
import { demoPlaces } from '../catalogue/places';
import {
  type Forbidden,
  groupRuledOut,
  isHopeless,
  leastBad,
  LEAST_SETUPS,
  pickForTheYear,
  pickVaried,
  type RuledOutFact,
  screenAll,
  type Screened,
  distinctions,
} from '../decide/choice';
import { betterPlaces, type FitVerdict, type PlaceFit } from '../decide/place';
import { allRules, forbiddingRule } from '../decide/rules';
import {
  type CaseContext,
  contextOf,
  factsOf,
  generateCandidates,
  judge,
  judgeFinely,
  plantsFromAbove,
} from '../decide/setups';
import { potShapes } from '../physics/pots';
import { k } from './constants';
import { type Division, divisionOf } from './division';
import { figuresOf, type Judged, judgeFully, type SetupFacts } from './setup-facts';
import { type SharedWork, sharedJudge } from './shared-work';
import { decideTiming, type Timing } from './timing';
import { worthBuying, type WorthBuying } from './worth-buying';

export interface PlanFacts {
  /** The best first; never empty. */
  readonly setups: readonly SetupFacts[];
  /** Nothing suits: the setups are those that come nearest, each with the rule against it. */
  readonly isLeastBad: boolean;
  readonly ruledOut: readonly RuledOutFact[];
  readonly timing: Timing;
  /** Whether to divide it; null where there is nothing to divide. */
  readonly division: Division | null;
  /** How the place suits the plant, and the places of the book that suit it better, the best first. */
  readonly place: PlaceFit;
  readonly betterPlaces: readonly BetterPlace[];
  /** Where the grower said what they have: what would do clearly better with one thing bought; null where nothing would. */
  readonly worthBuying: WorthBuying | null;
  readonly resolved: ResolvedCase;
  /** Setups generated and judged: by rules and two months' drying, the best over the whole year. */
  readonly candidateCount: number;
  readonly yearsComputed: number;
}

export interface BetterPlace {
  readonly id: string;
  readonly name: string;
  readonly verdict: FitVerdict;
}

/** Invented places are named only beside one of their own: who stands a plant in a room of theirs cannot move it there. */
function betterPlacesFor({ plant, place: now }: ResolvedCase, fit: PlaceFit): readonly BetterPlace[] {
  if (!demoPlaces.some(({ id }) => id === now.id)) return [];
  const others = demoPlaces.filter(({ id }) => id !== now.id);
  return betterPlaces(plant.genus, fit, others)
    .slice(0, k.PLACES_NAMED)
    .map(({ place, fit: there }) => ({ id: place.id, name: place.name, verdict: there.verdict }));
}

export interface PlanOptions {
  /** Called as setups are judged: done, of how many. */
  readonly onProgress?: (done: number, total: number) => void;
  /** Leaves what is shown as the ranking judged it: half the time, and its days and years are coarser. */
  readonly isRough?: boolean;
}

/** How many of the next most promising are looked at where the first were all put aside. */
const MOST_LATER = 60;

function byScore(a: Judged, b: Judged): number {
  return b.score - a.score || a.facts.id.localeCompare(b.facts.id);
}

/** Where every setup is put aside, those that come nearest, each with the rule against it. */
function leastBadOf(context: CaseContext, ruledOut: readonly Forbidden[], how: typeof judge): readonly Judged[] {
  return leastBad(context, ruledOut)
    .map(({ facts }) => judgeFully(context, facts, how))
    .sort(byScore)
    .slice(0, k.LEAST_BAD_SHOWN);
}

function withStandOuts(setups: readonly SetupFacts[], rimNowCm: number | null): readonly SetupFacts[] {
  const reasons = distinctions(
    setups.map((setup) => ({
      ...setup,
      ...setup.scoredBy,
      ...setup.costs,
      costs: setup.scoredBy.costs,
      isNoWider: setup.spec.vessel.kind === 'pot' && rimNowCm !== null && setup.spec.vessel.rimDiameterCm <= rimNowCm,
    })),
  );
  return setups.map((setup, i) => ({ ...setup, standsOut: reasons[i]! }));
}

/** How far a plan is, and now and then the best of it so far. */
export interface PlanStep {
  readonly done: number;
  readonly total: number;
  /** A whole plan of what is judged so far, roughly; null most of the time. */
  readonly best: PlanFacts | null;
}

/** As many setups judged make a first answer worth showing. */
const FIRST_ANSWER = 6;

/** The plan step by step: whoever runs it may stop between any two, and show the best so far. */
export function* planInSteps(
  input: PlanCase,
  options: Pick<PlanOptions, 'isRough'> & { readonly shared?: SharedWork } = {},
): Generator<PlanStep, PlanFacts> {
  const { shared } = options;
  const resolved = resolveCase(input);
  const context = contextOf(resolved);
  // Where several plants stand best is searched first: it is the longest thing that others wait for.
  if (plantsFromAbove(context.plant).length > 1) {
    for (const shape of potShapes)
      for (const _ of context.growth().prepare(shape)) yield { done: 0, total: 1, best: null };
  }
  const specs = generateCandidates(context);
  // The years take about as long as the screening: progress counts both alike.
  const total = 2 * specs.length;
  const step = (done: number, best: PlanFacts | null = null): PlanStep => ({ done, total, best });
  const screening = screenAll(context, specs, shared);
  let screened = screening.next();
  for (; !screened.done; screened = screening.next()) yield step(screened.value);
  const { open, forbidden } = screened.value;
  const { first, later } = pickForTheYear(open);

  const judgeYear = sharedJudge(shared, 'year', judge);
  const judgeShown = sharedJudge(shared, 'fine', judgeFinely);

  const ruledOut: Forbidden[] = [...forbidden];
  const judgedSetups: Judged[] = [];
  let years = 0;
  /** Whether no rule forbids it; if one does, it is put aside. */
  const isAllowed = ({ facts, judgement }: Judged): boolean => {
    const rule = forbiddingRule(allRules, { context, facts, judgement });
    if (rule) ruledOut.push({ facts, judgement, rule });
    return !rule;
  };
  const planOf = (shown: readonly Judged[], isLeastBad: boolean, toBuy: WorthBuying | null = null): PlanFacts => ({
    setups: withStandOuts(
      shown.map((judged) => figuresOf(context, judged)),
      resolved.current.rimDiameterCm,
    ),
    isLeastBad,
    ruledOut: groupRuledOut(context, ruledOut),
    timing: decideTiming(resolved),
    division: divisionOf(resolved.plant),
    place: context.fit,
    betterPlaces: betterPlacesFor(resolved, context.fit),
    worthBuying: toBuy,
    resolved,
    candidateCount: specs.length,
    yearsComputed: years,
  });
  const take = ({ spec }: Screened): PlanStep => {
    const judged = judgeFully(context, factsOf(context, spec), judgeYear);
    if (isAllowed(judged)) judgedSetups.push(judged);
    years += 1;
    const isFirstAnswer = judgedSetups.length === FIRST_ANSWER && years < first.length;
    const best = isFirstAnswer ? planOf(pickVaried([...judgedSetups].sort(byScore)), false) : null;
    return step(specs.length * (1 + Math.min(1, years / first.length)), best);
  };
  const scores = () => judgedSetups.map((judged) => judged.score);
  if (shared?.worksAhead) {
    for (const { spec } of shared.inOrder(first)) {
      judgeYear(context, factsOf(context, spec));
      yield step(specs.length);
    }
  }
  for (const entry of first) if (!isHopeless(entry, scores())) yield take(entry);
  // Where rules put aside too many, the next most promising are judged as well, but not without end.
  for (const entry of later.slice(0, MOST_LATER)) if (judgedSetups.length < LEAST_SETUPS) yield take(entry);

  // What is shown is judged once more on cells so fine that it does not hang on them; its order may change a little.
  const suited: Judged[] = [];
  const picked = pickVaried(judgedSetups.sort(byScore));
  if (shared?.worksAhead && !options.isRough) {
    for (const { facts } of shared.inOrder(picked)) {
      judgeShown(context, facts);
      yield step(total);
    }
  }
  for (const judged of picked) {
    const shown = options.isRough ? judged : judgeFully(context, judged.facts, judgeShown);
    if (options.isRough || isAllowed(shown)) suited.push(shown);
    yield step(total);
  }
  suited.sort(byScore);
  let toBuy: WorthBuying | null = null;
  // A rough plan is one of many: nobody reads there what would be worth buying. Best is compared with best as both were ranked.
  if (!options.isRough) {
    const buying = worthBuying(context, suited.length > 0 ? judgedSetups[0]! : null);
    let bought = buying.next();
    for (; !bought.done; bought = buying.next()) yield step(total);
    toBuy = bought.value;
  }
  if (suited.length > 0) return planOf(suited, false, toBuy);
  return planOf(leastBadOf(context, ruledOut, options.isRough ? judge : judgeFinely), true, toBuy);
}

/** The whole plan. */
export function makePlan(input: PlanCase, options: PlanOptions = {}): PlanFacts {
  const steps = planInSteps(input, options);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    options.onProgress?.(step.value.done, step.value.total);
  }
}
