/** A plan and its setups with their names and sentences: what screens, routes and the command line show. */
import type { PlanFacts, ReviewFacts, SetupFacts } from '../advise';
import type { SetupSpec } from '../case';
import type { RuledOutFact } from '../decide/choice';
import { type AftercareStep, wordAftercare } from './aftercare';
import { type ChangeOver, wordChangeOver } from './change-over';
import type { WordUnits } from './format';
import { type PlaceFitAnswer, wordPlaceFit } from './place-fit';
import { type Reason, wordReason } from './reasons';
import { type WordedFinding, wordFinding } from './rules/sentences';
import { type TimingAnswer, wordTiming } from './timing';
import { approachNames, setupTitle, vesselText } from './titles';

export interface SetupAnswer extends Omit<SetupFacts, 'reasons' | 'findings' | 'aftercare' | 'changeOver'> {
  readonly approachName: string;
  readonly title: string;
  readonly vesselText: string;
  readonly reasons: readonly Reason[];
  readonly findings: readonly WordedFinding[];
  readonly aftercare: readonly AftercareStep[];
  readonly changeOver: ChangeOver;
}

export interface RuledOut {
  readonly approachName: string;
  readonly title: string;
  readonly spec: SetupSpec;
  readonly ruleId: string;
  readonly sentence: string;
  readonly wouldChange: string;
  readonly figures: object;
  /** How many generated setups the same rule put aside for the same way of potting. */
  readonly alike: number;
}

export interface PlanAnswer extends Omit<PlanFacts, 'setups' | 'ruledOut' | 'timing' | 'place'> {
  readonly setups: readonly SetupAnswer[];
  readonly ruledOut: readonly RuledOut[];
  readonly timing: TimingAnswer;
  readonly place: PlaceFitAnswer;
}

/** A setup the grower has changed by hand, and the rule that forbids it, if one does. */
export interface SetupReview extends SetupAnswer {
  readonly ruledOutBy: WordedFinding | null;
}

export function wordSetup(facts: SetupFacts, units: WordUnits): SetupAnswer {
  return {
    ...facts,
    approachName: approachNames[facts.approach],
    title: setupTitle(facts.spec, units),
    vesselText: vesselText(facts.spec, units),
    reasons: facts.reasons.map((reason) => wordReason(reason, units)),
    findings: facts.findings.map((finding) => wordFinding(finding, units)),
    aftercare: facts.aftercare.map(wordAftercare),
    changeOver: wordChangeOver(facts.changeOver),
  };
}

export function wordRuledOut({ spec, finding, alike }: RuledOutFact, units: WordUnits): RuledOut {
  const { ruleId, sentence, wouldChange, figures } = wordFinding(finding, units);
  const vessel = spec.vessel.kind === 'pot' ? `, ${vesselText(spec, units).toLowerCase()}` : '';
  return {
    approachName: approachNames[spec.approach],
    title: `${setupTitle(spec, units)}${vessel}`,
    spec,
    ruleId,
    sentence,
    wouldChange,
    figures,
    alike,
  };
}

export function wordPlan(plan: PlanFacts, units: WordUnits): PlanAnswer {
  return {
    ...plan,
    setups: plan.setups.map((setup) => wordSetup(setup, units)),
    ruledOut: plan.ruledOut.map((entry) => wordRuledOut(entry, units)),
    timing: wordTiming(plan.timing),
    place: wordPlaceFit(plan.place, plan.resolved.place.name, plan.betterPlaces, units),
  };
}

export function wordReview(review: ReviewFacts, units: WordUnits): SetupReview {
  return {
    ...wordSetup(review, units),
    ruledOutBy: review.ruledOutBy && wordFinding(review.ruledOutBy, units),
  };
}
