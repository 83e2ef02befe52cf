/**
 * The plan: generate setups, rule out, judge, rank, and say why.
 */
import { bagMeasures, mediumById, type BagMeasure } from '../media';
import { firstAftercare, type AftercareStep } from '../aftercare';
import { resolveCase, type PlanCase, type ResolvedCase } from '../case/plan-case';
import { changeOver, type ChangeOver } from '../changeover';
import { costsOf, type SetupCosts } from '../costs';
import { allRules, findingOf, forbiddingRule, rulePoints, runRules, type Rule, type RuleFinding } from '../rules';
import { decideTiming, type Timing } from '../timing';
import type { Placement } from '../placement';
import { isPorous, type Stability } from '../pots';
import type { DryingTime, YearReport } from '../drydown';
import { metricWords, type WordUnits } from '../words/format';
import { reasonsFor, type Reason } from '../words/reasons';
import { approachNames, setupTitle, vesselText } from '../words/titles';
import { timingHeadline, timingSentence } from '../words/timing';
import { factsOf, judge, layerVolumesL, type CandidateFacts, type Judgement } from './assess';
import { generateCandidates } from './candidates';
import { contextOf, type CaseContext } from './context';
import { COMFORT_WEIGHT, dryPoints, promisedComfort, pullsOf, totalPoints, type Pull } from './score';
import { realiseMix, type Approach, type LayerSpec, type SetupSpec } from './spec';

export interface LayerAnswer extends LayerSpec {
  readonly volumeL: number;
  /** Litres to take out of each bag for this layer. */
  readonly bags: readonly BagMeasure[];
}

export interface SetupAnswer {
  readonly id: string;
  readonly approach: Approach;
  readonly approachName: string;
  readonly title: string;
  readonly vesselText: string;
  readonly spec: SetupSpec;
  readonly layers: readonly LayerAnswer[];
  readonly placement: Placement;
  readonly daysByMonth: readonly DryingTime[];
  readonly year: YearReport;
  readonly airAfterWatering: number;
  readonly lifeYears: number;
  readonly stability: Stability | null;
  readonly score: number;
  readonly pulls: readonly Pull[];
  readonly reasons: readonly Reason[];
  readonly findings: readonly RuleFinding[];
  readonly aftercare: readonly AftercareStep[];
  readonly changeOver: ChangeOver;
  readonly costs: SetupCosts;
  /** Days a full reservoir lasts in the month that empties it fastest; null without one or beyond the horizon. */
  readonly reservoirDays: number | null;
}

export interface RuledOut {
  readonly approachName: string;
  readonly title: string;
  readonly spec: SetupSpec;
  readonly ruleId: string;
  readonly sentence: string;
  readonly wouldChange: string;
  /** How many generated setups the same rule put aside for the same way of potting. */
  readonly alike: number;
}

export interface PlanAnswer {
  readonly setups: readonly SetupAnswer[];
  readonly ruledOut: readonly RuledOut[];
  readonly timing: Timing & { readonly headline: string; readonly sentence: string };
  readonly resolved: ResolvedCase;
  /** Setups generated and judged: by rules and two months' drying, the best over the whole year. */
  readonly candidateCount: number;
  readonly yearsComputed: number;
}

export interface PlanOptions {
  readonly units?: WordUnits;
  /** Called as setups are judged: done, of how many. */
  readonly onProgress?: (done: number, total: number) => void;
}

/** How many setups of each way of potting are judged over the whole year, each of another kind. */
const JUDGED_PER_APPROACH = 6;
export const LEAST_SETUPS = 6;
/** How many of the next most promising are looked at where the first were all put aside. */
const MOST_LATER = 60;
const MOST_SETUPS = 14;

interface Judged {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement;
  readonly findings: readonly RuleFinding[];
  readonly pulls: readonly Pull[];
  readonly score: number;
}

function judgeFully(context: CaseContext, facts: CandidateFacts, units: WordUnits): Judged {
  const judgement = judge(context, facts);
  const findings = runRules(allRules, { context, facts, judgement }, units);
  const pulls = pullsOf(context, facts, judgement, findings);
  return { facts, judgement, findings, pulls, score: totalPoints(pulls) };
}

/** Words and figures of one judged setup. */
function answerOf(context: CaseContext, judged: Judged, units: WordUnits): SetupAnswer {
  const { facts, judgement, findings, pulls, score } = judged;
  const { spec, setup } = facts;
  const volumes = layerVolumesL(setup);
  return {
    id: facts.id,
    approach: spec.approach,
    approachName: approachNames[spec.approach],
    title: setupTitle(spec, units),
    vesselText: vesselText(spec, units),
    spec,
    layers: spec.layers.map((layer, index) => {
      const volumeL = volumes[index] ?? 0;
      return {
        ...layer,
        volumeL,
        bags: bagMeasures(realiseMix(layer.mix), volumeL),
      };
    }),
    placement: facts.placement,
    daysByMonth: judgement.byMonth,
    year: judgement.year,
    airAfterWatering: facts.airAfterWatering,
    lifeYears: facts.lifeYears,
    stability: judgement.stability,
    score,
    pulls,
    reasons: reasonsFor(context, facts, judgement, units),
    findings: findings.filter((finding) => finding.effect !== 'rule out'),
    changeOver: changeOver(context, facts),
    costs: costsOf(context, facts, judgement.year, volumes),
    reservoirDays: judgement.reservoirDays,
    aftercare: firstAftercare({
      plant: context.plant,
      stance: context.resolved.stance,
      isMount: setup.kind === 'mount',
      hasReservoir: facts.hasReservoir,
    }),
  };
}

function familyKey(facts: CandidateFacts): string {
  const base = [...facts.mainMix].sort((a, b) => b.parts - a.parts)[0]!.medium;
  const vessel = facts.spec.vessel;
  const wall =
    vessel.kind === 'mount' ? vessel.padThicknessCm > 0 : facts.setup.kind === 'pot' && isPorous(facts.setup.pot.wall);
  return `${facts.spec.approach}|${base.family}|${String(wall)}|${facts.mainMix.length > 1}`;
}

/** A setup this far behind the leader is no choice, points; shown only where there are few others. */
const SHOWN_WITHIN = 35;

/** Way of potting and main medium: what growers name first when they say what a plant is in. */
function mediumKey({ spec, mainMix }: CandidateFacts): string {
  const base = [...mainMix].sort((a, b) => b.parts - a.parts)[0]!.medium;
  return `${spec.approach}|${base.family}`;
}

/**
 * Shows choices: first the best of each way and medium, then of each kind (wall, mixed or plain), then
 * whatever is next, up to as many as a shelf holds.
 */
function pickVaried(ranked: readonly Judged[]): readonly Judged[] {
  const picked = new Set<Judged>();
  const leastScore = (ranked[0]?.score ?? 0) - SHOWN_WITHIN;
  const takeFirstOf = (keyOf: (facts: CandidateFacts) => string, most: number): void => {
    const seen = new Set<string>();
    for (const judged of ranked) {
      const key = keyOf(judged.facts);
      const isWorthShowing = judged.score >= leastScore || picked.size < LEAST_SETUPS;
      if (!seen.has(key) && picked.size < most && isWorthShowing) picked.add(judged);
      seen.add(key);
    }
  };
  takeFirstOf(mediumKey, MOST_SETUPS);
  takeFirstOf(familyKey, MOST_SETUPS);
  takeFirstOf((facts) => facts.id, LEAST_SETUPS);
  return [...picked].sort((a, b) => b.score - a.score);
}

interface Forbidden {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement | null;
  readonly rule: Rule;
}

/** One entry for each way of potting, medium and rule, worded once, with how many it stands for. */
function groupRuledOut(context: CaseContext, entries: readonly Forbidden[], units: WordUnits): RuledOut[] {
  const groups = new Map<string, Forbidden & { alike: number }>();
  for (const entry of entries) {
    const base = entry.facts.mainMix[0]!.medium;
    const key = `${entry.facts.spec.approach}|${entry.rule.id}|${base.family}`;
    const known = groups.get(key);
    if (known) known.alike += 1;
    else groups.set(key, { ...entry, alike: 1 });
  }
  return [...groups.values()].map(({ facts, judgement, rule, alike }) => {
    const finding = findingOf(rule, { context, facts, judgement }, units);
    return {
      approachName: approachNames[facts.spec.approach],
      title: `${setupTitle(facts.spec, units)}${facts.spec.vessel.kind === 'pot' ? `, ${vesselText(facts.spec, units).toLowerCase()}` : ''}`,
      spec: facts.spec,
      ruleId: finding.ruleId,
      sentence: finding.sentence,
      wouldChange: finding.wouldChange,
      alike,
    };
  });
}

export function timingOf(resolved: ResolvedCase): PlanAnswer['timing'] {
  const { current } = resolved;
  const medium = current.mediumId === null ? null : mediumById(current.mediumId);
  const timing = decideTiming({
    genus: resolved.plant.genus,
    state: resolved.plant.state,
    yearsInMedium: current.yearsInMedium,
    mediumLifeYears: medium?.lifeYears ?? null,
    mediumIsOrganic: medium?.organic ?? false,
  });
  return { ...timing, headline: timingHeadline(timing), sentence: timingSentence(timing) };
}

interface Screened {
  readonly spec: SetupSpec;
  readonly kind: string;
  readonly promise: number;
}

interface Waiting {
  readonly facts: CandidateFacts;
  readonly kind: string;
  readonly dryPoints: number;
}

/** How many of each kind are worth knowing: the best, and two to fall back on. */
const KEPT_PER_KIND = 3;

/**
 * Judges every candidate by the rules and by what is known before drying; then, kind by kind, by some
 * weeks of drying, best first, and stops where not even full comfort could bring a later one among
 * the best of its kind (branch and bound: nothing is lost by it).
 */
function screenAll(
  context: CaseContext,
  specs: readonly SetupSpec[],
  onDone: (done: number) => void,
): { readonly open: readonly Screened[]; readonly forbidden: readonly Forbidden[] } {
  const waiting = new Map<string, Waiting[]>();
  const forbidden: Forbidden[] = [];
  specs.forEach((spec, index) => {
    const facts = factsOf(context, spec, 'coarse');
    const input = { context, facts, judgement: null };
    const rule = forbiddingRule(allRules, input);
    if (rule) forbidden.push({ facts, judgement: null, rule });
    else {
      const kind = familyKey(facts);
      const entry = { facts, kind, dryPoints: dryPoints(context, facts, rulePoints(allRules, input)) };
      const list = waiting.get(kind);
      if (list) list.push(entry);
      else waiting.set(kind, [entry]);
    }
    if ((index + 1) % PROGRESS_EVERY === 0) onDone(index + 1);
  });
  const open = [...waiting.values()].flatMap((list) => bestOfKind(context, list));
  open.sort((a, b) => b.promise - a.promise);
  return { open, forbidden };
}

function bestOfKind(context: CaseContext, list: readonly Waiting[]): readonly Screened[] {
  // The sort is stable: among equals the order of generation holds.
  const sorted = [...list].sort((a, b) => b.dryPoints - a.dryPoints);
  const best: Screened[] = [];
  for (const { facts, kind, dryPoints: points } of sorted) {
    const worstKept = best[KEPT_PER_KIND - 1];
    if (worstKept && points + COMFORT_WEIGHT <= worstKept.promise) break;
    best.push({ spec: facts.spec, kind, promise: points + promisedComfort(context, facts) });
    best.sort((a, b) => b.promise - a.promise);
    best.length = Math.min(best.length, KEPT_PER_KIND);
  }
  return best;
}

/** The most promising of each kind, so many of each way of potting. */
function pickForTheYear(open: readonly Screened[]): {
  readonly first: readonly Screened[];
  readonly later: readonly Screened[];
} {
  const perApproach = new Map<Approach, number>();
  const kinds = new Set<string>();
  const first: Screened[] = [];
  const later: Screened[] = [];
  for (const entry of open) {
    const count = perApproach.get(entry.spec.approach) ?? 0;
    if (kinds.has(entry.kind) || count >= JUDGED_PER_APPROACH) later.push(entry);
    else {
      kinds.add(entry.kind);
      perApproach.set(entry.spec.approach, count + 1);
      first.push(entry);
    }
  }
  return { first, later };
}

/** A promise is a guess; a setup this far below the last that would be shown is not worth a year, points. */
const PROMISE_SLACK = 12;

function isHopeless(entry: Screened, judged: readonly Judged[]): boolean {
  if (judged.length < MOST_SETUPS) return false;
  const shown = judged.map(({ score }) => score).sort((a, b) => b - a);
  return entry.promise + PROMISE_SLACK < shown[MOST_SETUPS - 1]!;
}

/** Screening is worth this many steps of progress against one whole year. */
const PROGRESS_EVERY = 50;

export function makePlan(input: PlanCase, options: PlanOptions = {}): PlanAnswer {
  const units = options.units ?? metricWords;
  const resolved = resolveCase(input);
  const context = contextOf(resolved);
  const specs = generateCandidates(context);
  // The years take about as long as the screening: progress counts both alike.
  const report = (done: number) => options.onProgress?.(done, 2 * specs.length);
  const { open, forbidden } = screenAll(context, specs, report);
  const { first, later } = pickForTheYear(open);

  const ruledOut: Forbidden[] = [...forbidden];
  const judgedSetups: Judged[] = [];
  let years = 0;
  const take = ({ spec }: Screened): void => {
    const judged = judgeFully(context, factsOf(context, spec), units);
    const { facts, judgement } = judged;
    const rule = forbiddingRule(allRules, { context, facts, judgement });
    if (rule) ruledOut.push({ facts, judgement, rule });
    else judgedSetups.push(judged);
    years += 1;
    report(specs.length * (1 + Math.min(1, years / first.length)));
  };
  for (const entry of first) if (!isHopeless(entry, judgedSetups)) take(entry);
  // Where rules put aside too many, the next most promising are judged as well, but not without end.
  for (const entry of later.slice(0, MOST_LATER)) if (judgedSetups.length < LEAST_SETUPS) take(entry);

  const ranked = judgedSetups.sort((a, b) => b.score - a.score || a.facts.id.localeCompare(b.facts.id));
  return {
    setups: pickVaried(ranked).map((judged) => answerOf(context, judged, units)),
    ruledOut: groupRuledOut(context, ruledOut, units),
    timing: timingOf(resolved),
    resolved,
    candidateCount: specs.length,
    yearsComputed: years,
  };
}

/** A setup the grower has changed by hand, and the rule that forbids it, if one does. */
export interface SetupReview extends SetupAnswer {
  readonly ruledOutBy: RuleFinding | null;
}

export function reviewSetup(input: PlanCase, spec: SetupSpec, units: WordUnits = metricWords): SetupReview {
  const context = contextOf(resolveCase(input));
  const judged = judgeFully(context, factsOf(context, spec), units);
  return {
    ...answerOf(context, judged, units),
    ruledOutBy: judged.findings.find((finding) => finding.effect === 'rule out') ?? null,
  };
}
