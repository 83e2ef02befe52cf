/** What was put aside, grouped as a grower would say it, each with the rule that did it. */
import type { SetupSpec } from '../../case';
import { approachNames, setupTitle, vesselText, type WordUnits } from '../../words';
import { findingOf, type Rule } from '../rules';
import type { CandidateFacts, CaseContext, Judgement } from '../setups';

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

export interface Forbidden {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement | null;
  readonly rule: Rule;
}

/** One entry for each way of potting, medium and rule, worded once, with how many it stands for. */
export function groupRuledOut(context: CaseContext, entries: readonly Forbidden[], units: WordUnits): RuledOut[] {
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
