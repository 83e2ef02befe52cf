/** What is to be done while the plant is out of its pot, from what was seen (common practice, no source). */
import type { Genus } from '../catalogue/genera';
import { k } from './constants';
import type { Inspection, PestKind } from './inspection';

export type ToDo =
  | { readonly code: 'keep apart' }
  | { readonly code: 'pests'; readonly pests: readonly PestKind[] }
  | { readonly code: 'cut rot' }
  | { readonly code: 'cut dead roots'; readonly mayShorten: boolean }
  | { readonly code: 'brown may live' }
  | { readonly code: 'strip sheaths' }
  | { readonly code: 'flush salt' }
  | { readonly code: 'spent bulbs' }
  | { readonly code: 'several plants' }
  | { readonly code: 'hold fast' };

/** In the order in which a hand does it; nothing where nothing was seen that asks for it. */
export function toDoAfter(seen: Inspection, genus: Pick<Genus, 'rootsBranch'>): readonly ToDo[] {
  const { pests = [], rot, bulbs, liveRootsPct, sheaths, reasons = [], growthMap, plantCount } = seen;
  const isRotten = rot === true || bulbs === 'soft or oozing';
  const hasSpent = growthMap?.plants.some((plant) => plant.bulbs.some(({ isSpent }) => isSpent)) === true;
  const toDo: (ToDo | false)[] = [
    (pests.length > 0 || isRotten) && { code: 'keep apart' },
    sheaths === 'dry ones' && { code: 'strip sheaths' },
    pests.length > 0 && { code: 'pests', pests },
    liveRootsPct !== undefined && liveRootsPct > 0 && liveRootsPct < k.CUT_BELOW_LIVE_PCT && { code: 'brown may live' },
    liveRootsPct !== undefined &&
      liveRootsPct < k.CUT_BELOW_LIVE_PCT && {
        code: 'cut dead roots',
        mayShorten: genus.rootsBranch,
      },
    isRotten && { code: 'cut rot' },
    hasSpent && { code: 'spent bulbs' },
    (plantCount ?? 1) > 1 && { code: 'several plants' },
    reasons.includes('salt crust') && { code: 'flush salt' },
    reasons.includes('wobbles') && { code: 'hold fast' },
  ];
  return toDo.filter((entry): entry is ToDo => entry !== false);
}
