/** What was put aside, grouped by the reason as a grower would say it. */
import type { SetupSpec } from '../../case';
import { heaviestPart } from '../../physics/media';
import { findingOf, type Rule, type RuleFinding, type RuleId } from '../rules';
import type { CandidateFacts, CaseContext, Judgement } from '../setups';

/** All that one reason put aside, with one of them to show for it. */
export interface RuledOutFact {
  readonly spec: SetupSpec;
  readonly finding: RuleFinding;
  /** How many generated setups the same reason put aside. */
  readonly alike: number;
  /** The main media of those, by their ids, in the order of generation. */
  readonly mediumIds: readonly string[];
}

export interface Forbidden {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement | null;
  readonly rule: Rule<RuleId>;
}

/** Too coarse and too fine are two reasons of one rule. */
function reasonOf({ facts, rule }: Forbidden): string {
  if (rule.id !== 'pieces-far-off-roots') return rule.id;
  return `${rule.id}|${facts.pieceMm > facts.pieceBand.toMm ? 'coarse' : 'fine'}`;
}

interface Group {
  readonly first: Forbidden;
  alike: number;
  readonly mediumIds: Set<string>;
}

/** One entry for each reason, what stopped most first. */
export function groupRuledOut(context: CaseContext, entries: readonly Forbidden[]): readonly RuledOutFact[] {
  const groups = new Map<string, Group>();
  for (const entry of entries) {
    const key = reasonOf(entry);
    const group = groups.get(key) ?? { first: entry, alike: 0, mediumIds: new Set<string>() };
    groups.set(key, group);
    group.alike += 1;
    group.mediumIds.add(heaviestPart(entry.facts.mainMix).medium.id);
  }
  return [...groups.values()]
    .sort((a, b) => b.alike - a.alike)
    .map(({ first: { facts, judgement, rule }, alike, mediumIds }) => ({
      spec: facts.spec,
      finding: findingOf(rule, { context, facts, judgement }),
      alike,
      mediumIds: [...mediumIds],
    }));
}
