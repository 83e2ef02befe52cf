/** Readings of the root zone from the cells' water. */
import { type Column, rootZoneWater } from './column';
import { cellWaterG, type ColumnState, reservoirG, pondedG, sumRootZone } from './state';

/**
 * Water roots could still take up, with what stands among them, as a share of what the root zone offers after a watering
 * (below 0 = tighter).
 */
export function availableShare(column: Column, state: ColumnState): number {
  const { availableG, unavailableG } = rootZoneWater(column);
  return (sumRootZone(column, state.wetness) + pondedG(column, state) - unavailableG) / availableG;
}

/** Air-filled porosity of the root zone, v/v; standing water counts as no air. All of it about bare roots. */
export function rootZoneAir(column: Column, state: ColumnState): number {
  if (column.hangsInAir) return 1;
  let emptyG = -pondedG(column, state);
  let volumeG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    emptyG += column.poreG[i]! - state.wetness[i]! * column.capacityG[i]!;
    volumeG += column.volumeL[i]! * 1000;
  }
  return Math.max(0, emptyG) / volumeG;
}

/** The same of a drained pot that holds all it can, with a full reservoir. */
export function drainedAir(column: Column): number {
  if (column.hangsInAir) return 1;
  let emptyG = -Math.max(0, column.reservoirCapacityG - column.belowRootsG);
  let volumeG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    emptyG += column.poreG[i]! - column.capacityG[i]!;
    volumeG += column.volumeL[i]! * 1000;
  }
  return Math.max(0, emptyG) / volumeG;
}

/** All water in the pot and its reservoir, g. */
export function totalWaterG(column: Column, state: ColumnState): number {
  let sum = reservoirG(state);
  for (const grams of cellWaterG(column, state)) sum += grams;
  return sum;
}
