/**
 * One plant, or several? Only where the rhizome parts by itself, or pieces of three or four bulbs with roots of their own
 * remain; never fussy roots for the sake of numbers, and one plant left whole blooms better (common practice, no source).
 */
import type { Genus, GrowthHabit } from '../catalogue/genera';
import { isAsleep, isFailing, type PlantInHand } from '../case';
import { k } from './constants';

export type Division =
  | { readonly code: 'parts by itself' }
  | { readonly code: 'could be divided'; readonly pieces: number; readonly rule: PieceRule }
  | { readonly code: 'leave whole'; readonly why: 'fussy roots' | 'divide seldom' | 'too few' | 'poor roots' };

/** null of what cannot be divided: a single stem, a plant of one shoot or two, one that must first make roots. */
export function divisionOf(plant: PlantInHand): Division | null {
  const { genus, shootCount, liveRootShare, stage } = plant;
  if (genus.habit === 'single stem' || stage !== 'grown' || shootCount < k.WORTH_DIVIDING_SHOOTS) return null;
  if (isFailing(plant)) return null;
  if (isAsleep(plant) && genus.traps.includes('roots die back every year')) return { code: 'parts by itself' };
  if (genus.rootHardiness === 'fussy') return { code: 'leave whole', why: 'fussy roots' };
  if (liveRootShare < k.BACKWARDS_BELOW_LIVE) return { code: 'leave whole', why: 'poor roots' };
  const rule = pieceRuleOf(genus);
  const ofPiece = rule.goodShoots ?? k.BULBS_A_PIECE;
  const least = genus.traps.includes('divide seldom') ? k.SELDOM_DIVIDED_SHOOTS : 2 * ofPiece;
  if (shootCount < least) {
    return { code: 'leave whole', why: genus.traps.includes('divide seldom') ? 'divide seldom' : 'too few' };
  }
  return { code: 'could be divided', pieces: Math.floor(shootCount / ofPiece), rule };
}

/** How a piece of such a plant is taken, and how many shoots it wants to grow on without going back. */
export interface PieceRule {
  readonly way: 'stem' | 'fans' | 'lengths' | 'ground bulbs' | 'canes' | 'bulbs';
  /** Null where pieces are not counted in shoots. */
  readonly leastShoots: number | null;
  /** With so many it flowers soonest again. */
  readonly goodShoots: number | null;
  readonly isFussy: boolean;
}

const wayOf: Readonly<Record<GrowthHabit, PieceRule['way']>> = {
  'single stem': 'stem',
  fans: 'fans',
  'climbing chain': 'lengths',
  'creeping stem': 'lengths',
  'underground bulbs': 'ground bulbs',
  canes: 'canes',
  creeping: 'bulbs',
  rambling: 'bulbs',
  clump: 'bulbs',
};

/** Common practice, no source. */
export function pieceRuleOf({ habit, rootHardiness, traps }: Genus): PieceRule {
  const way = traps.includes('roots die back every year') ? 'ground bulbs' : wayOf[habit];
  const isFussy = rootHardiness === 'fussy' || traps.includes('divide seldom');
  switch (way) {
    case 'stem':
    case 'lengths':
      return { way, leastShoots: null, goodShoots: null, isFussy };
    case 'ground bulbs':
      return { way, leastShoots: 1, goodShoots: 1, isFussy };
    case 'fans':
      return { way, leastShoots: k.FANS_A_PIECE, goodShoots: k.FANS_A_PIECE, isFussy };
    default:
      return { way, leastShoots: k.LEAST_BULBS_A_PIECE, goodShoots: k.BULBS_A_PIECE, isFussy };
  }
}
