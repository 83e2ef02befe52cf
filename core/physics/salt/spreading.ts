/**
 * How salts spread in the water of a bed by themselves: by diffusion, and because water on its way goes round pieces
 * faster here and slower there. Both are stated by length, so that the answer does not hang on the height of the cells.
 */
import type { Column, ColumnState } from '../drydown';
import { k } from './constants';

/** What lies between each cell and the next one down. */
export interface Neighbours {
  /**
   * Share of the water going from cell to cell that changes places besides: what the cells, being mixed through,
   * do not spread already (half the way between their middles).
   */
  readonly spread: Float64Array;
  /** One over the volume of both, 1/g of water, and what diffuses in a day were it all water, g; nothing below the last. */
  readonly perVolume: Float64Array;
  readonly diffusionG: Float64Array;
}

export function neighboursOf(column: Column): Neighbours {
  const cells = () => new Float64Array(column.cellCount);
  const neighbours: Neighbours = { spread: cells(), perVolume: cells(), diffusionG: cells() };
  for (let i = 0; i < column.cellCount - 1; i += 1) {
    const wayCm = (column.thicknessCm[i]! + column.thicknessCm[i + 1]!) / 2;
    const volumeCm3 = (column.volumeL[i]! + column.volumeL[i + 1]!) * 1000;
    const areaCm2 = volumeCm3 / (2 * wayCm);
    const pores = (column.poreG[i]! + column.poreG[i + 1]!) / volumeCm3;
    neighbours.spread[i] = Math.max(0, k.DISPERSIVITY_CM / wayCm - 0.5);
    neighbours.perVolume[i] = 1 / volumeCm3;
    neighbours.diffusionG[i] = (k.SALT_DIFFUSIVITY_CM2_DAY * areaCm2) / (wayCm * pores ** (2 / 3));
  }
  return neighbours;
}

/**
 * Water that as good as changes places with the next cell down in a day by diffusion, g: D·θ²/φ^(2/3) with the water
 * content θ and the pore space φ (Millington & Quirk 1960).
 */
export function diffusedG(
  column: Column,
  state: ColumnState,
  { perVolume, diffusionG }: Neighbours,
  i: number,
): number {
  const waterG = state.wetness[i]! * column.capacityG[i]! + state.wetness[i + 1]! * column.capacityG[i + 1]!;
  const content = waterG * perVolume[i]!;
  return diffusionG[i]! * content * content;
}

/** Water that carries what is dissolved between the cells of a column, g. */
export interface Exchange {
  /** In each cell. */
  readonly waterG: Float64Array;
  /** From each cell down to the next, and up to it from the next. */
  readonly downG: Float64Array;
  readonly upG: Float64Array;
  /** Of the tridiagonal solver. */
  readonly sweep: Float64Array;
}

export function exchangeOf(cellCount: number): Exchange {
  const cells = () => new Float64Array(cellCount);
  return { waterG: cells(), downG: cells(), upG: cells(), sweep: cells() };
}

/** One implicit step: amounts move with the water exchanged. Nothing is lost, and nothing falls below zero. */
export function exchange(amounts: Float64Array, { waterG, downG, upG, sweep }: Exchange): void {
  const last = amounts.length - 1;
  let fromAboveG = 0;
  let concentration = 0;
  let previousSweep = 0;
  for (let i = 0; i <= last; i += 1) {
    const toAboveG = i > 0 ? upG[i - 1]! : 0;
    const toBelowG = i < last ? downG[i]! : 0;
    const pivot = 1 / (waterG[i]! + toBelowG + toAboveG - fromAboveG * previousSweep + 1e-30);
    concentration = (amounts[i]! + fromAboveG * concentration) * pivot;
    previousSweep = i < last ? upG[i]! * pivot : 0;
    amounts[i] = concentration;
    sweep[i] = previousSweep;
    fromAboveG = toBelowG;
  }
  let below = 0;
  for (let i = last; i >= 0; i -= 1) {
    below = amounts[i]! + sweep[i]! * below;
    amounts[i] = below * waterG[i]!;
  }
}
