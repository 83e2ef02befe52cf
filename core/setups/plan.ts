/**
 * The plan: generate setups, rule out, judge, rank, and say why.
 */
import { bagMeasures, mediumById } from '../media';
import { firstAftercare, type AftercareStep } from '../aftercare';
import { resolveCase, type PlanCase, type ResolvedCase } from '../case/plan-case';
import { allRules, runRules, type RuleFinding } from '../rules';
import { decideTiming, type Timing } from '../timing';
import type { Placement } from '../placement';
import { isPorous, type Stability } from '../pots';
import type { DryingTime, YearReport } from '../drydown';
import { metricWords, type WordUnits } from '../words/format';
import { reasonsFor, type Reason } from '../words/reasons';
import { approachNames, setupTitle, vesselText } from '../words/titles';
import { timingHeadline, timingSentence } from '../words/timing';
import { factsOf, judge, layerVolumesL, screen, type CandidateFacts, type Judgement } from './assess';
import { generateCandidates } from './candidates';
import { contextOf, type CaseContext } from './context';
import { pullsOf, totalPoints, type Pull } from './score';
import { realiseMix, type Approach, type LayerSpec, type SetupSpec } from './spec';

export interface LayerAnswer extends LayerSpec {
  readonly volumeL: number;
  /** Litres to take out of each bag for this layer. */
  readonly bags: readonly { readonly mediumId: string; readonly name: string; readonly takeL: number }[];
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
  readonly candidateCount: number;
}

export interface PlanOptions {
  readonly units?: WordUnits;
  /** Called as setups are judged: done, of how many. */
  readonly onProgress?: (done: number, total: number) => void;
}

/** How many setups of each way of potting are judged over the whole year, each of another kind. */
const JUDGED_PER_APPROACH = 4;
export const LEAST_SETUPS = 6;
const MOST_SETUPS = 12;

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
        bags: bagMeasures(realiseMix(layer.mix), volumeL).map((bag) => ({
          ...bag,
          name: mediumById(bag.mediumId).name,
        })),
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
    aftercare: firstAftercare({
      plant: context.plant,
      isMount: setup.kind === 'mount',
      hasReservoir: facts.hasReservoir,
    }),
  };
}

function familyKey(facts: CandidateFacts): string {
  const base = [...facts.mainMix].sort((a, b) => b.parts - a.parts)[0]!.medium;
  const vessel = facts.spec.vessel;
  const wall =
    vessel.kind === 'mount'
      ? `${vessel.mountKindId}${vessel.padThicknessCm}`
      : facts.setup.kind === 'pot' && isPorous(facts.setup.pot.wall);
  return `${facts.spec.approach}|${base.family}|${String(wall)}|${facts.mainMix.length > 1}`;
}

/** Keeps the best of each kind first, then fills up with the next best, so that the list shows choices. */
function pickVaried(ranked: readonly Judged[]): readonly Judged[] {
  const seen = new Set<string>();
  const firsts: Judged[] = [];
  const others: Judged[] = [];
  for (const judged of ranked) {
    const key = familyKey(judged.facts);
    (seen.has(key) ? others : firsts).push(judged);
    seen.add(key);
  }
  const picked = [...firsts.slice(0, MOST_SETUPS)];
  for (const judged of others) if (picked.length < LEAST_SETUPS) picked.push(judged);
  return picked.sort((a, b) => b.score - a.score);
}

function groupRuledOut(
  entries: readonly { facts: CandidateFacts; finding: RuleFinding }[],
  units: WordUnits,
): RuledOut[] {
  const groups = new Map<string, { facts: CandidateFacts; finding: RuleFinding; alike: number }>();
  for (const entry of entries) {
    const base = entry.facts.mainMix[0]!.medium;
    const key = `${entry.facts.spec.approach}|${entry.finding.ruleId}|${base.family}`;
    const known = groups.get(key);
    if (known) known.alike += 1;
    else groups.set(key, { ...entry, alike: 1 });
  }
  return [...groups.values()].map(({ facts, finding, alike }) => ({
    approachName: approachNames[facts.spec.approach],
    title: `${setupTitle(facts.spec, units)}${facts.spec.vessel.kind === 'pot' ? `, ${vesselText(facts.spec, units).toLowerCase()}` : ''}`,
    spec: facts.spec,
    ruleId: finding.ruleId,
    sentence: finding.sentence,
    wouldChange: finding.wouldChange,
    alike,
  }));
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

export function makePlan(input: PlanCase, options: PlanOptions = {}): PlanAnswer {
  const units = options.units ?? metricWords;
  const resolved = resolveCase(input);
  const context = contextOf(resolved);
  const candidates = generateCandidates(context).map((spec) => factsOf(context, spec));

  const ruledOut: { facts: CandidateFacts; finding: RuleFinding }[] = [];
  const open = candidates.filter((facts) => {
    const finding = runRules(allRules, { context, facts, judgement: null }, units).find(
      (found) => found.effect === 'rule out',
    );
    if (finding) ruledOut.push({ facts, finding });
    return !finding;
  });

  const screened = open
    .map((facts) => ({ facts, promise: screen(context, facts) }))
    .sort((a, b) => b.promise - a.promise || a.facts.id.localeCompare(b.facts.id));
  const perApproach = new Map<Approach, number>();
  const kinds = new Set<string>();
  const first = screened.filter(({ facts }) => {
    const count = perApproach.get(facts.spec.approach) ?? 0;
    const kind = familyKey(facts);
    if (kinds.has(kind) || count >= JUDGED_PER_APPROACH) return false;
    kinds.add(kind);
    perApproach.set(facts.spec.approach, count + 1);
    return true;
  });
  const later = screened.filter((entry) => !first.includes(entry));

  const judgedSetups: Judged[] = [];
  let done = 0;
  const take = (facts: CandidateFacts): void => {
    const judged = judgeFully(context, facts, units);
    const finding = judged.findings.find((found) => found.effect === 'rule out');
    if (finding) ruledOut.push({ facts, finding });
    else judgedSetups.push(judged);
    done += 1;
    options.onProgress?.(done, first.length);
  };
  for (const { facts } of first) take(facts);
  // Where rules put aside too many, the next most promising are judged as well.
  for (const { facts } of later) if (judgedSetups.length < LEAST_SETUPS) take(facts);

  const ranked = judgedSetups.sort((a, b) => b.score - a.score || a.facts.id.localeCompare(b.facts.id));
  return {
    setups: pickVaried(ranked).map((judged) => answerOf(context, judged, units)),
    ruledOut: groupRuledOut(ruledOut, units),
    timing: timingOf(resolved),
    resolved,
    candidateCount: candidates.length,
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
