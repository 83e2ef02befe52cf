/**
 * Rules of the trade as data: when they apply, what they do to a setup, and the sentence that says
 * so. A rule never computes physics; it reads what the dry-down found.
 */
import type { Provenance } from '../../base';
import type { SchoolId } from '../../catalogue/schools';
import type { WordUnits } from '../../words';
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
  | 'safety';

export interface RuleInput {
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  /** null while the year has not been computed. */
  readonly judgement: Judgement | null;
}

/** Which side of which question holds a rule; a rule with none is held by all. */
export type HeldBy = Readonly<Partial<Record<SchoolId, readonly string[]>>>;

export interface Rule {
  readonly id: string;
  readonly topic: RuleTopic;
  readonly effect: RuleEffect;
  /** Points taken off or added when it penalises or prefers. */
  readonly points: number;
  readonly provenance: Provenance;
  readonly schools: HeldBy;
  applies(input: RuleInput): boolean;
  say(input: RuleInput, units: WordUnits): string;
  /** What would lift the rule or turn it round; empty when nothing the grower can change would. */
  wouldChange(input: RuleInput, units: WordUnits): string;
}

export interface RuleFinding {
  readonly ruleId: string;
  readonly topic: RuleTopic;
  readonly effect: RuleEffect;
  readonly points: number;
  readonly sentence: string;
  readonly wouldChange: string;
  readonly provenance: Provenance;
  readonly schools: HeldBy;
}

const commonPractice: Provenance = { kind: 'common practice' };
/** Held by every school. */
const HELD_BY_ALL: HeldBy = {};

/** A rule of common practice; what differs is given. */
export function practiceRule(
  rule: Omit<Rule, 'provenance' | 'points' | 'wouldChange' | 'schools'> &
    Partial<Pick<Rule, 'points' | 'wouldChange' | 'schools'>>,
): Rule {
  return { points: 0, wouldChange: () => '', schools: HELD_BY_ALL, ...rule, provenance: commonPractice };
}

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

function pointsOf(rule: Rule): number {
  return rule.effect === 'penalise' ? -rule.points : rule.effect === 'prefer' ? rule.points : 0;
}

export function findingOf(rule: Rule, input: RuleInput, units: WordUnits): RuleFinding {
  return {
    ruleId: rule.id,
    topic: rule.topic,
    effect: rule.effect,
    points: pointsOf(rule),
    sentence: rule.say(input, units),
    wouldChange: rule.wouldChange(input, units),
    provenance: rule.provenance,
    schools: rule.schools,
  };
}

export function runRules(rules: readonly Rule[], input: RuleInput, units: WordUnits): readonly RuleFinding[] {
  return rules.filter((rule) => speaks(rule, input)).map((rule) => findingOf(rule, input, units));
}

/** The first rule that forbids the setup; its sentence is made only where it is shown. */
export function forbiddingRule(rules: readonly Rule[], input: RuleInput): Rule | null {
  return rules.find((rule) => rule.effect === 'rule out' && speaks(rule, input)) ?? null;
}

/** Sum of what the rules add and take off. */
export function rulePoints(rules: readonly Rule[], input: RuleInput): number {
  let sum = 0;
  for (const rule of rules) if (rule.points > 0 && speaks(rule, input)) sum += pointsOf(rule);
  return sum;
}

export function hasFamily(input: RuleInput, family: string): boolean {
  return input.facts.mainMix.some((part) => part.medium.family === family);
}

/** Share of a family in the main mix, by bag volume, 0..1. */
export function familyShare(input: RuleInput, family: string): number {
  const { mainMix } = input.facts;
  const all = mainMix.reduce((sum, part) => sum + part.parts, 0);
  return mainMix.reduce((sum, part) => sum + (part.medium.family === family ? part.parts : 0), 0) / all;
}

/** Families in the top dressing; none without one. */
export function topFamily(input: RuleInput): string | null {
  const { setup } = input.facts;
  if (setup.kind !== 'pot') return null;
  const top = setup.layers.find((layer) => layer.role === 'top dressing');
  return top?.mix[0]?.medium.family ?? null;
}
