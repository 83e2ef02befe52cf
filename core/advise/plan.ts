/**
 * The plan: generate setups, rule out, judge, rank, and give the figures that say why. Its
 * sentences stand in words/plan.
 */
import {
  type Approach,
  type LayerSpec,
  type PlaceBook,
  type PlanCase,
  realiseMix,
  resolveCase,
  type ResolvedCase,
  type SetupSpec,
} from '../case';
import {
  type Forbidden,
  groupRuledOut,
  isAsItIs,
  leastBad,
  standOuts,
  type StandsOut,
  isHopeless,
  LEAST_SETUPS,
  pickForTheYear,
  pickVaried,
  type Pull,
  pullsOf,
  scoredBy,
  type ScoredBy,
  type RuledOutFact,
  screenAll,
  type Screened,
  scoreOf,
} from '../decide/choice';
import { betterPlaces, type FitVerdict, type PlaceFit } from '../decide/place';
import { allRules, forbiddingRule, type RuleFinding, runRules } from '../decide/rules';
import {
  type CandidateFacts,
  type CaseContext,
  contextOf,
  factsOf,
  generateCandidates,
  judge,
  judgeFinely,
  type Judgement,
  layerVolumesL,
} from '../decide/setups';
import type { DryingTime, ModelDoubt } from '../physics/drydown';
import { type BagMeasure, bagMeasures } from '../physics/media';
import type { Stability } from '../physics/pots';
import type { YearReport } from '../physics/year';
import { type AftercareFact, firstAftercare } from './aftercare';
import { changeOver, type ChangeOverFact } from './change-over';
import { costsOf, type SetupCosts } from './costs';
import { firstWeeksOf } from './first-weeks';
import { type Division, divisionOf } from './division';
import { type Placement, placementOf } from './placement';
import { k } from './constants';
import { type ReasonFact, reasonsFor } from './reasons';
import { seasonOf } from './season';
import { type SharedWork, sharedJudge } from './shared-work';
import { decideTiming, type Timing } from './timing';

export interface LayerMeasures extends LayerSpec {
  readonly volumeL: number;
  /** Litres to take out of each bag for this layer. */
  readonly bags: readonly BagMeasure[];
}

export interface SetupFacts {
  readonly id: string;
  readonly approach: Approach;
  readonly spec: SetupSpec;
  readonly layers: readonly LayerMeasures[];
  readonly placement: Placement;
  readonly daysByMonth: readonly DryingTime[];
  readonly year: YearReport;
  readonly airAfterWatering: number;
  readonly lifeYears: number;
  readonly stability: Stability | null;
  readonly score: number;
  /** The medium and kind of pot it stands in, with room to grow. */
  readonly isAsItIs: boolean;
  /** The rule that forbids it: of a setup changed by hand, and where nothing suits and the least bad is shown. */
  readonly ruledOutBy: RuleFinding | null;
  /** What it is on the shelf for; null of a setup that is not there. */
  readonly standsOut: StandsOut | null;
  readonly scoredBy: ScoredBy;
  readonly pulls: readonly Pull[];
  readonly reasons: readonly ReasonFact[];
  readonly findings: readonly RuleFinding[];
  readonly aftercare: readonly AftercareFact[];
  readonly changeOver: ChangeOverFact;
  readonly costs: SetupCosts;
  /** Days a full reservoir lasts in the month that empties it fastest; null without one or beyond the horizon. */
  readonly reservoirDays: number | null;
}

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

function betterPlacesFor(
  { plant, place: now }: ResolvedCase,
  fit: PlaceFit,
  places: PlaceBook,
): readonly BetterPlace[] {
  const others = places.filter(({ id }) => id !== now.id);
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

interface Judged {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement;
  readonly findings: readonly RuleFinding[];
  readonly scoredBy: ScoredBy;
  readonly pulls: readonly Pull[];
  readonly score: number;
  readonly isAsItIs: boolean;
}

/** As it is judged for its place in the order, or, finely, for what is shown of it. */
function judgeFully(context: CaseContext, facts: CandidateFacts, how: typeof judge): Judged {
  const judgement = how(context, facts);
  const findings = runRules(allRules, { context, facts, judgement });
  const by = scoredBy(context, facts, judgement, findings);
  const pulls = pullsOf(context, by, findings);
  return { facts, judgement, findings, scoredBy: by, pulls, score: scoreOf(pulls), isAsItIs: isAsItIs(context, facts) };
}

function byScore(a: Judged, b: Judged): number {
  return b.score - a.score || a.facts.id.localeCompare(b.facts.id);
}

/** The figures of one judged setup. */
function figuresOf(context: CaseContext, judged: Judged): SetupFacts {
  const { facts, judgement, findings, pulls, score, isAsItIs: asItIs } = judged;
  const { spec, setup } = facts;
  const volumes = layerVolumesL(setup);
  const placement = placementOf(context, facts);
  return {
    id: facts.id,
    approach: spec.approach,
    spec,
    layers: spec.layers.map((layer, index) => {
      const volumeL = volumes[index] ?? 0;
      return {
        ...layer,
        volumeL,
        bags: bagMeasures(realiseMix(layer.mix), volumeL, layer.isSideBySide),
      };
    }),
    placement,
    daysByMonth: judgement.byMonth,
    year: judgement.year,
    airAfterWatering: facts.airAfterWatering,
    lifeYears: facts.lifeYears,
    stability: judgement.stability,
    score,
    isAsItIs: asItIs,
    ruledOutBy: findings.find((finding) => finding.effect === 'rule out') ?? null,
    standsOut: null,
    scoredBy: judged.scoredBy,
    pulls,
    reasons: reasonsFor({ context, facts, judgement, placement }),
    findings: findings.filter((finding) => finding.effect !== 'rule out'),
    changeOver: changeOver(context, facts),
    costs: costsOf(context, facts, judgement.year, volumes),
    reservoirDays: judgement.reservoirDays,
    aftercare: firstAftercare({
      plant: context.plant,
      stance: context.resolved.stance,
      ...seasonOf(context.resolved),
      isMount: setup.kind === 'mount',
      hasReservoir: facts.hasReservoir,
      waterDsM: context.feeding.waterDsM,
      firstWeeks: firstWeeksOf(context, facts, judgement),
    }),
  };
}

/** Where every setup is put aside, those that come nearest, each with the rule against it. */
function leastBadOf(context: CaseContext, ruledOut: readonly Forbidden[], how: typeof judge): readonly Judged[] {
  return leastBad(context, ruledOut)
    .map(({ facts }) => judgeFully(context, facts, how))
    .sort(byScore)
    .slice(0, k.LEAST_BAD_SHOWN);
}

function withStandOuts(setups: readonly SetupFacts[], rimNowCm: number | null): readonly SetupFacts[] {
  const reasons = standOuts(
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
  places: PlaceBook,
  options: Pick<PlanOptions, 'isRough'> & { readonly shared?: SharedWork } = {},
): Generator<PlanStep, PlanFacts> {
  const { shared } = options;
  const resolved = resolveCase(input, places);
  const context = contextOf(resolved);
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
  const planOf = (shown: readonly Judged[], isLeastBad: boolean): PlanFacts => ({
    setups: withStandOuts(
      shown.map((judged) => figuresOf(context, judged)),
      resolved.current.rimDiameterCm,
    ),
    isLeastBad,
    ruledOut: groupRuledOut(context, ruledOut),
    timing: decideTiming(resolved),
    division: divisionOf(resolved.plant),
    place: context.fit,
    betterPlaces: betterPlacesFor(resolved, context.fit, places),
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
  if (shared?.isFromBack) {
    for (const { spec } of [...first].reverse()) {
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
  if (shared?.isFromBack && !options.isRough) {
    for (const { facts } of [...picked].reverse()) {
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
  if (suited.length > 0) return planOf(suited, false);
  return planOf(leastBadOf(context, ruledOut, options.isRough ? judge : judgeFinely), true);
}

/** The whole plan. */
export function makePlan(input: PlanCase, places: PlaceBook, options: PlanOptions = {}): PlanFacts {
  const steps = planInSteps(input, places, options);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    options.onProgress?.(step.value.done, step.value.total);
  }
}

/** A setup the grower has changed by hand, or any other in this case. */
export function reviewSetup(input: PlanCase, places: PlaceBook, spec: SetupSpec): SetupFacts {
  const context = contextOf(resolveCase(input, places));
  return figuresOf(context, judgeFully(context, factsOf(context, spec), judgeFinely));
}

/** How one setup fares: what ranking and doubts need, without the figures that a screen shows. */
export interface Verdict {
  readonly year: YearReport;
  readonly score: number;
  readonly isRuledOut: boolean;
}

/** doubt: where the model is to be taken as off. */
export function verdictOn(
  input: PlanCase,
  places: PlaceBook,
  spec: SetupSpec,
  doubt: ModelDoubt | null = null,
): Verdict {
  const context = contextOf(resolveCase(input, places), doubt);
  const { judgement, findings, score } = judgeFully(context, factsOf(context, spec), judge);
  return {
    year: judgement.year,
    score,
    isRuledOut: findings.some((finding) => finding.effect === 'rule out'),
  };
}
