/**
 * Piece size from root thickness. The passages between packed spheres measure about 0.15-0.4 of
 * their diameter (sphere packing; from memory), so a root can enter, and still touches the pieces,
 * where they are about 2.5-3.5 times its own width. That is the trade's "fine for fine, coarse for
 * thick" with a number on it.
 */
import { meanPieceMm, type MediumFigures } from '../../physics/media';
import { k } from './constants';

export interface PieceBand {
  readonly fromMm: number;
  readonly toMm: number;
}

/** shift: finer (under 1) or larger pieces than the roots alone ask for. */
export function pieceBandMm(rootDiameterMm: number, shift = 1): PieceBand {
  return { fromMm: k.LEAST_SIZE_RATIO * rootDiameterMm * shift, toMm: k.MOST_SIZE_RATIO * rootDiameterMm * shift };
}

/** How far a size lies outside the band, as a factor of 1 (inside) or more. */
export function misfitFactor(pieceMm: number, band: PieceBand): number {
  if (pieceMm < band.fromMm) return band.fromMm / pieceMm;
  if (pieceMm > band.toMm) return pieceMm / band.toMm;
  return 1;
}

/** The root thickness at which the next coarser or finer of two grades fits equally well, mm. */
export function switchRootMm(pieceMm: number, otherPieceMm: number, shift = 1): number {
  const middleRatio = Math.sqrt(k.LEAST_SIZE_RATIO * k.MOST_SIZE_RATIO);
  return Math.sqrt(pieceMm * otherPieceMm) / middleRatio / shift;
}

/** Media of a family ordered by how well their size suits the root, best first. */
export function byFit(media: readonly MediumFigures[], rootDiameterMm: number): readonly MediumFigures[] {
  const ideal = Math.sqrt(k.LEAST_SIZE_RATIO * k.MOST_SIZE_RATIO) * rootDiameterMm;
  const distance = (medium: MediumFigures) => Math.abs(Math.log(meanPieceMm(medium) / ideal));
  return [...media].sort((a, b) => distance(a) - distance(b));
}
