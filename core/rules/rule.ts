/**
 * Rules of the trade as data: when they apply, what they do to a setup, and the sentence that says
 * so. A rule never computes physics; it reads what the dry-down found.
 */
import type { Provenance } from '../provenance';
import type { CandidateFacts, Judgement } from '../setups/assess';
import type { CaseContext } from '../setups/context';
import type { WordUnits } from '../words/format';

export type RuleEffect = 'rule out' | 'penalise' | 'prefer' | 'require step' | 'caution';

export type RuleTopic =
  'roots' | 'moisture' | 'air' | 'reservoir' | 'mount' | 'pot' | 'medium' | 'changing over' | 'safety';

export interface RuleInput {
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  /** null while the year has not been computed. */
  readonly judgement: Judgement | null;
}

export interface Rule {
  readonly id: string;
  readonly topic: RuleTopic;
  readonly effect: RuleEffect;
  /** Points taken off or added when it penalises or prefers. */
  readonly points: number;
  readonly provenance: Provenance;
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
}

const commonPractice: Provenance = { kind: 'common practice' };

/** A rule of common practice; what differs is given. */
export function practiceRule(
  rule: Omit<Rule, 'provenance' | 'points' | 'wouldChange'> & Partial<Pick<Rule, 'points' | 'wouldChange'>>,
): Rule {
  return { points: 0, wouldChange: () => '', ...rule, provenance: commonPractice };
}

export function runRules(rules: readonly Rule[], input: RuleInput, units: WordUnits): readonly RuleFinding[] {
  return rules
    .filter((rule) => rule.applies(input))
    .map((rule) => ({
      ruleId: rule.id,
      topic: rule.topic,
      effect: rule.effect,
      points: rule.effect === 'penalise' ? -rule.points : rule.effect === 'prefer' ? rule.points : 0,
      sentence: rule.say(input, units),
      wouldChange: rule.wouldChange(input, units),
      provenance: rule.provenance,
    }));
}

export function hasFamily(input: RuleInput, family: string): boolean {
  return input.facts.mainMix.some((part) => part.medium.family === family);
}
