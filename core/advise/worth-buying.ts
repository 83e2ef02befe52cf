/** One thing that is not there, with which it would do clearly better than with all that is. */
import type { SetupSpec } from '../case';
import { promisingToBuy, scoreOf } from '../decide/choice';
import { allRules, forbiddingRule } from '../decide/rules';
import { buyingAnything, type CaseContext, factsOf, judge } from '../decide/setups';
import { k } from './constants';
import { type Judged, judgeFully } from './setup-facts';

export interface WorthBuying {
  readonly mediumId: string;
  readonly spec: SetupSpec;
  /** Points by which it is ahead of the best that can be made now. */
  readonly morePoints: number;
}

/** That everything is there is no merit beside something that is not. */
const scoreOfItself = ({ pulls }: Judged): number => scoreOf(pulls.filter(({ code }) => code !== 'all-at-hand'));

/** best: the best of what can be made now; null where nothing suits. Yields between its steps; null where nothing is clearly better. */
export function* worthBuying(context: CaseContext, best: Judged | null): Generator<void, WorthBuying | null> {
  const promising = yield* promisingToBuy(context);
  const buying = buyingAnything(context);
  const now = best === null ? 0 : scoreOfItself(best);
  let found: WorthBuying | null = null;
  for (const { spec, mediumId } of promising) {
    yield;
    const judged = judgeFully(buying, factsOf(buying, spec), judge);
    const { facts, judgement } = judged;
    if (forbiddingRule(allRules, { context: buying, facts, judgement })) continue;
    const morePoints = judged.score - now;
    if (morePoints >= k.CLEARLY_BETTER_POINTS && morePoints > (found?.morePoints ?? 0)) {
      found = { mediumId, spec, morePoints };
    }
  }
  return found;
}
