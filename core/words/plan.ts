/** A plan and its setups with their names and sentences: what screens, routes and the command line show. */
import type { PlanFacts, SetupFacts } from '../advise';
import { lazily } from '../base';
import { mediumById } from '../catalogue/media';
import type { SetupSpec } from '../case';
import type { RuledOutFact } from '../decide/choice';
import { type WordedAftercare, wordAftercare } from './aftercare';
import { type ChangeOver, wordChangeOver } from './change-over';
import { wordDivision } from './division';
import { lowerFirst, type WordUnits } from './phrasing/format';
import { meritText } from './merit';
import { type PlaceFitAnswer, wordPlaceFit } from './place-fit';
import type { Reason } from './reason-words';
import { wordReason } from './reasons';
import { type WordedFinding, wordFinding } from './rules/sentences';
import { type TimingAnswer, wordTiming } from './timing';
import { approachNames, partText, setupTitle, titleOf, vesselText } from './phrasing/titles';

export interface SetupAnswer extends Omit<
  SetupFacts,
  'reasons' | 'findings' | 'aftercare' | 'changeOver' | 'ruledOutBy'
> {
  readonly approachName: string;
  readonly title: string;
  readonly vesselText: string;
  readonly reasons: readonly Reason[];
  readonly findings: readonly WordedFinding[];
  readonly aftercare: readonly WordedAftercare[];
  readonly changeOver: ChangeOver;
  readonly ruledOutBy: WordedFinding | null;
  /** What it is on the shelf for, in a few words; empty of a setup that is not there. */
  readonly merit: string;
}

export interface RuledOut {
  readonly approachName: string;
  readonly title: string;
  readonly spec: SetupSpec;
  readonly ruleId: string;
  readonly sentence: string;
  readonly wouldChange: string;
  readonly figures: object;
  /** How many generated setups the same reason put aside, and of which media, by their names. */
  readonly alike: number;
  readonly media: readonly string[];
}

export interface PlanAnswer extends Omit<
  PlanFacts,
  'setups' | 'ruledOut' | 'timing' | 'place' | 'division' | 'worthBuying'
> {
  readonly setups: readonly SetupAnswer[];
  readonly ruledOut: readonly RuledOut[];
  readonly timing: TimingAnswer;
  /** Whether to divide it; empty where there is nothing to divide. */
  readonly division: string;
  readonly place: PlaceFitAnswer;
  /** One thing that would be worth buying, in a sentence; empty where nothing would. */
  readonly worthBuying: string;
}

/** A setup the grower has changed by hand. */
export type SetupReview = SetupAnswer;

function meritOf({ standsOut, ruledOutBy }: SetupFacts): string {
  if (standsOut === null) return '';
  return ruledOutBy === null ? meritText(standsOut) : 'least bad';
}

/** A shelf names all its setups; what is said of each at length is put into words when it is read. */
export function wordSetup(facts: SetupFacts, units: WordUnits): SetupAnswer {
  const reasons = lazily(() => facts.reasons.map((reason) => wordReason(reason, units)));
  const findings = lazily(() => facts.findings.map((finding) => wordFinding(finding, units)));
  const aftercare = lazily(() => facts.aftercare.map(wordAftercare));
  const changeOver = lazily(() => wordChangeOver(facts.changeOver));
  return {
    ...facts,
    approachName: approachNames[facts.approach],
    title: setupTitle(facts.spec, units),
    vesselText: vesselText(facts.spec, units),
    get reasons() {
      return reasons();
    },
    get findings() {
      return findings();
    },
    get aftercare() {
      return aftercare();
    },
    get changeOver() {
      return changeOver();
    },
    ruledOutBy: facts.ruledOutBy && wordFinding(facts.ruledOutBy, units),
    merit: meritOf(facts),
  };
}

export function wordRuledOut({ spec, finding, alike, mediumIds }: RuledOutFact, units: WordUnits): RuledOut {
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
    media: mediumIds.map((id) => mediumById(id).name),
  };
}

export function wordPlan(plan: PlanFacts, units: WordUnits): PlanAnswer {
  const ruledOut = lazily(() => plan.ruledOut.map((entry) => wordRuledOut(entry, units)));
  return {
    ...plan,
    setups: plan.setups.map((setup) => wordSetup(setup, units)),
    get ruledOut() {
      return ruledOut();
    },
    timing: wordTiming(plan.timing),
    division: wordDivision(plan.division),
    place: wordPlaceFit(plan.place, plan.resolved.place.name, plan.betterPlaces, units),
    worthBuying: wordWorthBuying(plan.worthBuying, units),
  };
}

function wordWorthBuying(found: PlanFacts['worthBuying'], units: WordUnits): string {
  if (found === null) return '';
  const part = { mediumId: found.mediumId, parts: 1 };
  return `Worth buying: ${lowerFirst(partText(part, true, units))}. ${titleOf(found.spec, units)} would do clearly better than anything you can make now.`;
}

export const wordReview: (review: SetupFacts, units: WordUnits) => SetupReview = wordSetup;
