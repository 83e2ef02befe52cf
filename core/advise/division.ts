/**
 * One plant, or several? Only where the rhizome parts by itself, or pieces of three or four bulbs with roots of their own
 * remain; never fussy roots for the sake of numbers, and one plant left whole blooms better (common practice, no source).
 */
import { isAsleep, isFailing, type PlantInHand } from '../case';
import { k } from './constants';

export type Division =
  | { readonly code: 'parts by itself' }
  | { readonly code: 'could be divided'; readonly pieces: number }
  | { readonly code: 'leave whole'; readonly why: 'fussy roots' | 'divide seldom' | 'too few' | 'poor roots' };

/** null of what cannot be divided: a single stem, a plant of one shoot or two, one that must first make roots. */
export function divisionOf(plant: PlantInHand): Division | null {
  const { genus, shootCount, liveRootShare, stage } = plant;
  if (genus.habit === 'single stem' || stage !== 'grown' || shootCount < k.WORTH_DIVIDING_SHOOTS) return null;
  if (isFailing(plant)) return null;
  if (isAsleep(plant) && genus.traps.includes('roots die back every year')) return { code: 'parts by itself' };
  if (genus.rootHardiness === 'fussy') return { code: 'leave whole', why: 'fussy roots' };
  if (liveRootShare < k.BACKWARDS_BELOW_LIVE) return { code: 'leave whole', why: 'poor roots' };
  const least = genus.traps.includes('divide seldom') ? k.SELDOM_DIVIDED_SHOOTS : 2 * k.BULBS_A_PIECE;
  if (shootCount < least) {
    return { code: 'leave whole', why: genus.traps.includes('divide seldom') ? 'divide seldom' : 'too few' };
  }
  return { code: 'could be divided', pieces: Math.floor(shootCount / k.BULBS_A_PIECE) };
}
