/** What could be made with one thing more than the grower has: the most promising, before any year is reckoned. */
import type { SetupSpec } from '../../case';
import { allRules, forbiddingRule, rulePoints } from '../rules';
import {
  buyingAnything,
  type CandidateFacts,
  type CaseContext,
  factsOf,
  generateCandidates,
  notAtHand,
} from '../setups';
import { k } from './constants';
import { dryPoints, promisedPoints } from './score';
import { familyKey } from './variety';

export interface ToBuy {
  readonly spec: SetupSpec;
  /** The one thing that is missing. */
  readonly mediumId: string;
}

interface Dry {
  readonly facts: CandidateFacts;
  readonly points: number;
  readonly mediumId: string;
}

/** Judged as if it were there: what it costs to get it is for the grower to say. Yields now and then; empty where nothing was said to be at hand. */
export function* promisingToBuy(context: CaseContext): Generator<void, readonly ToBuy[]> {
  if (context.resolved.mediaAtHand === null) return [];
  const buying = buyingAnything(context);
  const best = new Map<string, Dry>();
  for (const spec of generateCandidates(buying)) {
    const missing = notAtHand(context.resolved, spec);
    if (missing.length !== 1) continue;
    yield;
    const facts = factsOf(buying, spec, 'coarse');
    const input = { context: buying, facts, judgement: null };
    if (forbiddingRule(allRules, input)) continue;
    const points = dryPoints(buying, facts, rulePoints(allRules, input));
    const key = `${familyKey(facts)}|${missing[0]!}`;
    if (points > (best.get(key)?.points ?? -Infinity)) best.set(key, { facts, points, mediumId: missing[0]! });
  }
  const promising = [...best.values()].sort((a, b) => b.points - a.points).slice(0, k.TO_BUY_SCREENED);
  const wet: { readonly dry: Dry; readonly promise: number }[] = [];
  for (const dry of promising) {
    yield;
    wet.push({ dry, promise: dry.points + promisedPoints(buying, dry.facts) });
  }
  return wet
    .sort((a, b) => b.promise - a.promise)
    .slice(0, k.TO_BUY_JUDGED)
    .map(({ dry: { facts, mediumId } }) => ({ spec: facts.spec, mediumId }));
}
