/** What was put aside, grouped as a grower would say it, each with the rule that did it. */
import type { SetupSpec } from '../../case';
import { findingOf, type Rule, type RuleFinding, type RuleId } from '../rules';
import type { CandidateFacts, CaseContext, Judgement } from '../setups';

/** One setup put aside, standing for all that the same rule put aside in the same way. */
export interface RuledOutFact {
  readonly spec: SetupSpec;
  readonly finding: RuleFinding;
  /** How many generated setups the same rule put aside for the same way of potting. */
  readonly alike: number;
}

export interface Forbidden {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement | null;
  readonly rule: Rule<RuleId>;
}

/** One entry for each way of potting, medium and rule, with how many it stands for. */
export function groupRuledOut(context: CaseContext, entries: readonly Forbidden[]): readonly RuledOutFact[] {
  const groups = new Map<string, Forbidden & { alike: number }>();
  for (const entry of entries) {
    const base = entry.facts.mainMix[0]!.medium;
    const key = `${entry.facts.spec.approach}|${entry.rule.id}|${base.family}`;
    const known = groups.get(key);
    if (known) known.alike += 1;
    else groups.set(key, { ...entry, alike: 1 });
  }
  return [...groups.values()].map(({ facts, judgement, rule, alike }) => ({
    spec: facts.spec,
    finding: findingOf(rule, { context, facts, judgement }),
    alike,
  }));
}
