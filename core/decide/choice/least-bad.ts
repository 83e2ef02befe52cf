/** Where nothing suits, what comes nearest: the answer is never empty. */
import { allRules, forbiddingRule } from '../rules';
import { type CaseContext, factsOf } from '../setups';
import { k } from './constants';
import type { Forbidden } from './ruled-out';
import { dryPoints } from './score';
import { familyKey } from './variety';

/** What the grower refuses is not even the least bad, as long as they leave anything. */
const refusals = allRules.filter(({ topic }) => topic === 'school' || topic === 'grower');

/** Nor is what cannot be done at all. */
function isOutOfQuestion({ rule, facts }: Forbidden): boolean {
  return (
    rule.id === 'falls-through-the-net' ||
    rule.id === 'recovery-is-for-failing-plants' ||
    facts.spec.approach === 'recovery in moss'
  );
}

/** The most promising of what was put aside, one of each kind. */
export function leastBad(context: CaseContext, forbidden: readonly Forbidden[]): readonly Forbidden[] {
  const kinds = new Set<string>();
  const possible = forbidden.filter((entry) => !isOutOfQuestion(entry));
  const wanted = possible.filter(({ facts, judgement }) => !forbiddingRule(refusals, { context, facts, judgement }));
  // Wants that contradict each other leave nothing: then each that comes nearest says which of them it breaks.
  return (wanted.length > 0 ? wanted : possible)
    .map((entry) => ({ entry, points: dryPoints(context, entry.facts, 0) }))
    .sort((a, b) => b.points - a.points)
    .map(({ entry }) => entry)
    .filter(({ facts }) => {
      const kind = familyKey(facts);
      const isNew = !kinds.has(kind);
      kinds.add(kind);
      return isNew;
    })
    .slice(0, k.LEAST_BAD_JUDGED)
    .map((entry) => ({ ...entry, facts: factsOf(context, entry.facts.spec) }));
}
