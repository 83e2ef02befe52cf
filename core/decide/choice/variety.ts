/** What makes one setup another choice than the next, and which of the ranked ones are shown. */
import { isSideBySide } from '../../case';
import { heaviestPart } from '../../physics/media';
import { isPorous } from '../../physics/pots';
import type { CandidateFacts } from '../setups';
import { k } from './constants';

/** What is needed of a judged setup to choose it. */
export interface Ranked {
  readonly facts: CandidateFacts;
  readonly score: number;
  readonly isAsItIs?: boolean;
}

/** Way of potting, main medium, wall, mixed or plain: what growers would call another setup. */
export function familyKey(facts: CandidateFacts): string {
  const base = heaviestPart(facts.mainMix).medium;
  const vessel = facts.spec.vessel;
  const wall =
    vessel.kind === 'mount' ? vessel.padThicknessCm > 0 : facts.setup.kind === 'pot' && isPorous(facts.setup.pot.wall);
  const filled = isSideBySide(facts.spec) ? 'beside' : facts.mainMix.length > 1 ? 'mixed' : 'plain';
  return `${facts.spec.approach}|${base.family}|${String(wall)}|${filled}`;
}

/** Way of potting and main medium: what growers name first when they say what a plant is in. */
function mediumKey({ spec, mainMix }: CandidateFacts): string {
  const base = heaviestPart(mainMix).medium;
  return `${spec.approach}|${base.family}`;
}

/**
 * Shows choices: first the best of each way and medium, then of each kind (wall, mixed or plain), then
 * whatever is next, up to as many as a shelf holds.
 */
export function pickVaried<T extends Ranked>(ranked: readonly T[]): readonly T[] {
  const picked = new Set<T>();
  const leastScore = (ranked[0]?.score ?? 0) - k.SHOWN_WITHIN;
  const takeFirstOf = (keyOf: (facts: CandidateFacts) => string, most: number): void => {
    const seen = new Set<string>();
    for (const judged of ranked) {
      const key = keyOf(judged.facts);
      const isWorthShowing = judged.score >= leastScore || picked.size < k.LEAST_SETUPS;
      if (!seen.has(key) && picked.size < most && isWorthShowing) picked.add(judged);
      seen.add(key);
    }
  };
  const asItIs = ranked.find((judged) => judged.isAsItIs);
  if (asItIs) picked.add(asItIs);
  takeFirstOf(mediumKey, k.MOST_SETUPS);
  takeFirstOf(familyKey, k.MOST_SETUPS);
  takeFirstOf((facts) => facts.id, k.LEAST_SETUPS);
  return [...picked].sort((a, b) => b.score - a.score);
}
