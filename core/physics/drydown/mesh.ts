/**
 * Where to cut the column. Cells are thin near the surface, where the drying front moves, and thick
 * below, where little changes: cell height grows linearly with depth.
 */
import { k } from './constants';

/** A layer cut once more or less, as its height moves, would show in the answer if it were one cell. */
const LEAST_CELLS_OF_LAYER = 2;

/** Number of cells between the surface and a depth, as a real number. */
function cellsAbove(depthCm: number, totalCm: number, targetCm: number): number {
  return (
    (totalCm / (targetCm * k.GROWTH_RELATIVE)) *
    Math.log(1 + (k.GROWTH_RELATIVE * depthCm) / (k.SURFACE_RELATIVE * totalCm))
  );
}

function depthOf(cells: number, totalCm: number, targetCm: number): number {
  const exponent = (cells * targetCm * k.GROWTH_RELATIVE) / totalCm;
  return ((Math.exp(exponent) - 1) * k.SURFACE_RELATIVE * totalCm) / k.GROWTH_RELATIVE;
}

/**
 * Depths of the cell boundaries inside one layer, cm below the surface, ends included.
 * totalCm: depth of the whole column; targetCm: mean cell height wanted; cutsFoot: whether its lowest cell is cut again.
 */
export function cutLayer(
  topDepthCm: number,
  bottomDepthCm: number,
  totalCm: number,
  targetCm: number,
  cutsFoot = false,
): number[] {
  const first = cellsAbove(topDepthCm, totalCm, targetCm);
  const last = cellsAbove(bottomDepthCm, totalCm, targetCm);
  const count = Math.max(LEAST_CELLS_OF_LAYER, Math.round(last - first));
  const depths = [topDepthCm];
  for (let k = 1; k < count; k += 1) {
    depths.push(depthOf(first + ((last - first) * k) / count, totalCm, targetCm));
  }
  // The fringe of a coarse medium is a few millimetres high: where that counts the lowest cell is cut again.
  const lowestCm = bottomDepthCm - depths[depths.length - 1]!;
  for (const share of cutsFoot ? [k.FOOT_CUT, k.FOOT_CUT ** 2] : []) depths.push(bottomDepthCm - lowestCm * share);
  depths.push(bottomDepthCm);
  return depths;
}
