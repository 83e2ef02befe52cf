/** Readings of the root zone from the cells' water. */
import type { Column } from './column';
import { cellWaterG, type ColumnState, reservoirG } from './state';

/** Water roots could still take up, as a share of what the drained root zone offers (below 0 = tighter). */
export function availableShare(column: Column, state: ColumnState): number {
  let available = 0;
  let capacity = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    const tight = column.unavailableG[i]!;
    available += state.wetness[i]! * column.capacityG[i]! - tight;
    capacity += column.capacityG[i]! - tight;
  }
  return available / capacity;
}

/** Water that stands among the roots; that of an outer pot does not. */
export function standingG(column: Column, state: ColumnState): number {
  return column.wicks === null ? reservoirG(state) : 0;
}

/** Air-filled porosity of the root zone, v/v; standing water counts as no air. All of it about bare roots. */
export function rootZoneAir(column: Column, state: ColumnState): number {
  if (column.hangsInAir) return 1;
  let emptyG = -standingG(column, state);
  let volumeG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    emptyG += column.poreG[i]! - state.wetness[i]! * column.capacityG[i]!;
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
