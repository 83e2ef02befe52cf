/** Which way of potting a pot and its main medium make. */
import type { Approach } from '../../case';
import type { PotKind } from '../../catalogue/vessels';
import type { MediumFamily, MediumFigures } from '../../physics/media';

/** Families that are a pot of their own kind, whatever else it stands in. */
const approachOfFamily: Partial<Record<MediumFamily, Approach>> = {
  sphagnum: 'moss pot',
  'soil-like mix': 'soil-like mix',
};

export function approachOf(kind: PotKind, medium: MediumFigures): Approach {
  if (kind.reservoir === 'side holes' || kind.reservoir === 'bowl') return 'side-hole reservoir';
  if (kind.reservoir === 'wicks') return 'wick reservoir';
  if (kind.id === 'slat-basket') return 'basket';
  return approachOfFamily[medium.family] ?? (medium.organic ? 'organic pot' : 'moist inorganic');
}
