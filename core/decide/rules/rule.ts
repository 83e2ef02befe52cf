/**
 * Rules of the trade: when they apply, what they do to a setup, and the figures that speak for it. A
 * rule never computes physics, it reads what the dry-down found; and it never speaks, its sentences
 * stand in a file of the same name under words/rules.
 */
import { commonPractice, type Provenance } from '../../base';
import type { SchoolId } from '../../catalogue/schools';
import type { CandidateFacts, CaseContext, Judgement } from '../setups';

export type RuleEffect = 'rule out' | 'penalise' | 'prefer' | 'require step' | 'caution';

export type RuleTopic =
  | 'roots'
  | 'plant'
  | 'moisture'
  | 'air'
  | 'reservoir'
  | 'mount'
  | 'pot'
  | 'medium'
  | 'top'
  | 'changing over'
  | 'rest and absence'
  | 'school'
  | 'grower'
  | 'safety';

export interface RuleInput {
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  /** null while the year has not been computed. */
  readonly judgement: Judgement | null;
}

/** Which side of which question holds a rule; a rule with none is held by all. */
export type HeldBy = Readonly<Partial<Record<SchoolId, readonly string[]>>>;

/** What a rule's sentence is made of: names and numbers, each with its unit in its name. */
export type Figures = object;

export interface Rule<Id extends string = string, F extends Figures = Figures> {
  readonly id: Id;
  readonly topic: RuleTopic;
  readonly effect: RuleEffect;
  /** Points taken off or added when it penalises or prefers. */
  readonly points: number;
  readonly provenance: Provenance;
  readonly schools: HeldBy;
  applies(input: RuleInput): boolean;
  /** Share of the points, 0..1, where it applies more or less: nothing jumps at a limit. */
  share(input: RuleInput): number;
  /** Asked only where the rule applies. */
  figures(input: RuleInput): F;
}

/** The figures a rule gives. */
export type FiguresOf<R extends Rule> = ReturnType<R['figures']>;

/** What a rule says of one setup. */
export interface FindingOf<Id extends string> {
  readonly ruleId: Id;
  readonly topic: RuleTopic;
  readonly effect: RuleEffect;
  readonly points: number;
  readonly figures: Figures;
  readonly provenance: Provenance;
  readonly schools: HeldBy;
}

/** Held by every school. */
const HELD_BY_ALL: HeldBy = {};

type Stated<Id extends string> = Pick<Rule<Id>, 'id' | 'topic' | 'effect' | 'applies'> &
  Partial<Pick<Rule, 'points' | 'schools' | 'share'>>;

/** A rule of common practice; what differs is given. Most need no figures. */
export function practiceRule<const Id extends string, F extends Figures = NoFigures>(
  rule: Stated<Id> & { figures?(input: RuleInput): F },
): Rule<Id, F> {
  const silent = () => NO_FIGURES as F;
  return { points: 0, figures: silent, schools: HELD_BY_ALL, share: wholly, ...rule, provenance: commonPractice };
}

const wholly = (): number => 1;

export type NoFigures = Readonly<Record<never, never>>;
const NO_FIGURES: NoFigures = {};

/** Whether the stance of this case holds the rule. */
export function isHeld(rule: Rule, input: RuleInput): boolean {
  if (rule.schools === HELD_BY_ALL) return true;
  const { stance } = input.context.resolved;
  for (const [school, sides] of Object.entries(rule.schools)) {
    if (!sides.includes(stance[school as SchoolId])) return false;
  }
  return true;
}

function speaks(rule: Rule, input: RuleInput): boolean {
  return isHeld(rule, input) && rule.applies(input);
}

function pointsOf(rule: Rule, input: RuleInput): number {
  if (rule.effect !== 'penalise' && rule.effect !== 'prefer') return 0;
  return (rule.effect === 'penalise' ? -rule.points : rule.points) * rule.share(input);
}

export function findingOf<Id extends string>(rule: Rule<Id>, input: RuleInput): FindingOf<Id> {
  return {
    ruleId: rule.id,
    topic: rule.topic,
    effect: rule.effect,
    points: pointsOf(rule, input),
    figures: rule.figures(input),
    provenance: rule.provenance,
    schools: rule.schools,
  };
}

export function runRules<Id extends string>(rules: readonly Rule<Id>[], input: RuleInput): readonly FindingOf<Id>[] {
  return rules.filter((rule) => speaks(rule, input)).map((rule) => findingOf(rule, input));
}

/** The first rule that forbids the setup; its figures are gathered only where it is shown. */
export function forbiddingRule<Id extends string>(rules: readonly Rule<Id>[], input: RuleInput): Rule<Id> | null {
  return rules.find((rule) => rule.effect === 'rule out' && speaks(rule, input)) ?? null;
}

/** Sum of what the rules add and take off. */
export function rulePoints(rules: readonly Rule[], input: RuleInput): number {
  let sum = 0;
  for (const rule of rules) if (rule.points > 0 && speaks(rule, input)) sum += pointsOf(rule, input);
  return sum;
}
