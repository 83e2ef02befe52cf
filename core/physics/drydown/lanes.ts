/**
 * What the hour's loops go over, cell by cell: one array with the figures of a cell side by side. Read from an array each,
 * as elsewhere, they are the same figures, but a year then takes half as long again.
 */
import type { Column } from './column';
import { k } from './constants';

/** Of the column, from the beginning: */
export const CAPACITY = 0;
export const PER_CAPACITY = 1;
export const LIQUID = 2;
export const ROOT_CAPACITY = 3;
export const EXPOSURE = 4;
export const TIGHT = 5;
/** Roots drink freely from this much over what is tight on: its inverse. */
export const PER_FULL = 6;
export const ROOTS = 7;
/** All losses at the last refresh, g/h, and uptake among them. */
export const LOSS = 8;
export const UPTAKE = 9;
/** Supply of this step into the cell, g/h at full lack. */
export const FED = 10;
/** Of the tridiagonal solvers. */
export const RESULT = 11;
export const SWEEP = 12;
/** Conductance to the next cell down in this step, g per unit of relative wetness; of the vapour network, what lies open. */
export const DOWN = 13;
export const OPEN = DOWN;
/** Share of the losses that this step takes as they are, and the rest over the wetness before, that go by the wetness after. */
export const STEADY = 14;
export const FOLLOWING = 15;
/** From one cell to the next. */
export const LANES = 16;

export function lanesOf(column: Column): Float64Array {
  const lanes = new Float64Array(column.cellCount * LANES);
  for (let i = 0, at = 0; i < column.cellCount; i += 1, at += LANES) {
    lanes[at + CAPACITY] = column.capacityG[i]!;
    lanes[at + PER_CAPACITY] = column.perCapacity[i]!;
    // The last cell has none below.
    lanes[at + LIQUID] = i < column.cellCount - 1 ? column.liquidGH[i]! / 2 : 0;
    lanes[at + ROOT_CAPACITY] = column.rootCapacityG[i]!;
    lanes[at + EXPOSURE] = column.exposureM3H[i]!;
    const tight = column.unavailableWetness[i]!;
    lanes[at + TIGHT] = tight;
    lanes[at + PER_FULL] = 1 / (k.UPTAKE_FULL_ABOVE * (1 - tight));
    lanes[at + ROOTS] = column.rootShare[i]!;
  }
  return lanes;
}
