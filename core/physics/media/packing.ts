/**
 * Mixing pieces of different size: volumes do not add, because fine pieces fall into the voids of
 * coarse ones. Linear packing model: Stovall, de Larrard & Buil 1986; in the form of de Larrard,
 * Concrete Mixture Proportioning (1999), eq. 1.34 with the interaction functions 1.45 and 1.46.
 * Its limits are Furnas 1931 (very unequal sizes) and plain addition (equal sizes).
 */
import { k } from './constants';

export interface PackedFraction {
  readonly sizeMm: number;
  /** Volume of this part as it lies in the bag, loose, L. */
  readonly bulkL: number;
  /** Porosity between the pieces when packed alone. */
  readonly interPorosity: number;
}

/** How much a coarse bed is loosened by finer pieces: 0 (they vanish) to 1 (same size). */
export function looseningEffect(coarseMm: number, fineMm: number): number {
  return Math.sqrt(1 - (1 - fineMm / coarseMm) ** k.LOOSENING_EXPONENT);
}

/** How much coarse pieces disturb the packing of finer ones: 0 (not at all) to 1 (same size). */
export function wallEffect(coarseMm: number, fineMm: number): number {
  return 1 - (1 - fineMm / coarseMm) ** k.WALL_EXPONENT;
}

/** Solid fraction of the mixed bed (pieces with their inner pores, over bed volume). */
export function packedSolidFraction(fractions: readonly PackedFraction[]): number {
  const present = fractions.filter((fraction) => fraction.bulkL > 0);
  const solids = present.map((fraction) => fraction.bulkL * (1 - fraction.interPorosity));
  const solidTotal = solids.reduce((sum, solid) => sum + solid, 0);
  if (solidTotal === 0) throw new RangeError('a mix needs at least one part with a volume above 0 L');
  const governing = present.map((dominant) => {
    const own = 1 - dominant.interPorosity;
    const interaction = present.reduce((sum, other, index) => {
      const share = (solids[index] ?? 0) / solidTotal;
      if (other === dominant) return sum;
      const otherOwn = 1 - other.interPorosity;
      if (other.sizeMm >= dominant.sizeMm) {
        const wall = wallEffect(other.sizeMm, dominant.sizeMm);
        return sum + (1 - own + wall * own * (1 - 1 / otherOwn)) * share;
      }
      const loosening = looseningEffect(dominant.sizeMm, other.sizeMm);
      return sum + (1 - (loosening * own) / otherOwn) * share;
    }, 0);
    return own / (1 - interaction);
  });
  return Math.min(...governing);
}

/** Volume of the mixed, settled bed, L. */
export function mixedVolumeL(fractions: readonly PackedFraction[]): number {
  const solidL = fractions.reduce((sum, fraction) => sum + fraction.bulkL * (1 - fraction.interPorosity), 0);
  return solidL / packedSolidFraction(fractions);
}
