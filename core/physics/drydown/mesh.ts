/**
 * Where to cut the column. Cells are thin near the surface, where the drying front moves, and thick
 * below, where little changes: cell height grows linearly with depth.
 */
import { k } from './constants';

/** How finely a column is cut. */
export interface Mesh {
  /** Mean height wanted of a cell in a pot, cm, and the fewest cells there. */
  readonly cellHeightCm: number;
  readonly leastCells: number;
  /** Cells of a pad, about. */
  readonly padCells: number;
  /** Height of a cell at the surface, relative to the mean wanted. */
  readonly surfaceRelative: number;
  /** The lowest cell of a medium whose fringe is lower than so many cells is cut again. */
  readonly footFringeCells: number;
}

/** Where days and curves are asked; `finer` times finer still. */
export function daysMesh(finer = 1): Mesh {
  return {
    cellHeightCm: k.FINE_CELL_CM / finer,
    leastCells: k.FINE_LEAST_CELLS * finer,
    padCells: k.PAD_CELLS * finer,
    surfaceRelative: k.SURFACE_RELATIVE,
    footFringeCells: k.FOOT_FRINGE_CELLS,
  };
}

/**
 * For a whole year that ranks: what errs in a day between waterings evens out in months. Its cells are more alike: the
 * front at the surface is passed in hours, and what stays wet, or dry, is deeper down.
 */
export const yearMesh: Mesh = {
  cellHeightCm: k.CELL_HEIGHT_CM,
  leastCells: k.MIN_CELLS,
  padCells: k.YEAR_PAD_CELLS,
  surfaceRelative: k.YEAR_SURFACE_RELATIVE,
  footFringeCells: k.FOOT_FRINGE_CELLS,
};

/** For a quick guess. */
export const coarseMesh: Mesh = {
  cellHeightCm: k.COARSE_CELL_CM,
  leastCells: k.COARSE_LEAST_CELLS,
  padCells: k.COARSE_PAD_CELLS,
  surfaceRelative: k.COARSE_SURFACE_RELATIVE,
  footFringeCells: 0,
};

/** A layer cut once more or less, as its height moves, would show in the answer if it were one cell. */
const LEAST_CELLS_OF_LAYER = 2;

/** Mean cell height wanted, cm, and its height at the surface relative to that. */
interface Cut {
  readonly targetCm: number;
  readonly surfaceRelative: number;
}

/** Number of cells between the surface and a depth, as a real number. */
function cellsAbove(depthCm: number, totalCm: number, { targetCm, surfaceRelative }: Cut): number {
  return (
    (totalCm / (targetCm * k.GROWTH_RELATIVE)) *
    Math.log(1 + (k.GROWTH_RELATIVE * depthCm) / (surfaceRelative * totalCm))
  );
}

function depthOf(cells: number, totalCm: number, { targetCm, surfaceRelative }: Cut): number {
  const exponent = (cells * targetCm * k.GROWTH_RELATIVE) / totalCm;
  return ((Math.exp(exponent) - 1) * surfaceRelative * totalCm) / k.GROWTH_RELATIVE;
}

/**
 * Depths of the cell boundaries inside one layer, cm below the surface, ends included.
 * totalCm: depth of the whole column; cutsFoot: whether its lowest cell is cut again.
 */
export function cutLayer(
  topDepthCm: number,
  bottomDepthCm: number,
  totalCm: number,
  cut: Cut,
  cutsFoot = false,
): number[] {
  const first = cellsAbove(topDepthCm, totalCm, cut);
  const last = cellsAbove(bottomDepthCm, totalCm, cut);
  const count = Math.max(LEAST_CELLS_OF_LAYER, Math.round(last - first));
  const depths = [topDepthCm];
  for (let k = 1; k < count; k += 1) depths.push(depthOf(first + ((last - first) * k) / count, totalCm, cut));
  // The fringe of a coarse medium is a few millimetres high: where that counts the lowest cell is cut again.
  const lowestCm = bottomDepthCm - depths[depths.length - 1]!;
  for (const share of cutsFoot ? [k.FOOT_CUT, k.FOOT_CUT ** 2] : []) depths.push(bottomDepthCm - lowestCm * share);
  depths.push(bottomDepthCm);
  return depths;
}
