/** What of a column changes with the hours: its water, warmth and reservoir. */
import type { Column } from './column';
import type { HourClass } from './hour-class';
import { lanesOf } from './lanes';

export interface ColumnState {
  /** Water of each cell as a share of its capacity; `cellWaterG` gives grams. */
  readonly wetness: Float64Array;
  /** Water that went down from each cell to the next by itself, g (up: negative); whoever moves salts sets it to nothing. */
  readonly wentDownG: Float64Array;
  /** Scalars of the hot loop; see the accessors below. */
  readonly totals: Float64Array;
  readonly scratch: Scratch;
  /** The kind of hour the losses were last worked out for. */
  lossesFor: HourClass | null;
}

interface Scratch {
  /** Of the hour's loops; see `lanes.ts`. */
  readonly lanes: Float64Array;
  /** Of the last watering: what each cell took, and what ran on below it, g. */
  readonly tookG: Float64Array;
  readonly ranOnG: Float64Array;
}

export const RESERVOIR = 0;
export const EVAPORATED = 1;
export const TAKEN_UP = 2;
export const EVAPORATION_RATE = 3;
export const SINCE_REFRESH = 4;
export const ROOT_ZONE = 5;
export const ROOT_WARMTH = 6;
export const WICK_WETNESS = 7;
export const DEMAND = 8;
export const REFILL = 9;
export const LOSING = 10;
const TOTALS = 11;

export const reservoirG = (state: ColumnState): number => state.totals[RESERVOIR]!;
/** Evaporated since the state was made, g. */
export const evaporatedG = (state: ColumnState): number => state.totals[EVAPORATED]!;
/** Taken up by the plant since the state was made, g. */
export const takenUpG = (state: ColumnState): number => state.totals[TAKEN_UP]!;
/** Temperature of the root zone after the last step, °C; null before the first. */
export function rootZoneC({ totals }: ColumnState): number | null {
  const warmth = totals[ROOT_WARMTH]!;
  // Among plain numbers what is not known yet is no number.
  return Number.isNaN(warmth) ? null : warmth;
}

/** What the plant wants from now on: so much of its ordinary demand, and so many g/h to fill what a drought has drawn. */
export function setDemand(state: ColumnState, share: number, refillGH: number): void {
  state.totals[DEMAND] = share;
  state.totals[REFILL] = refillGH;
}

/** Water of each cell and the wall beside it, g. */
export function cellWaterG(column: Column, state: ColumnState): Float64Array {
  return state.wetness.map((wet, i) => wet * column.capacityG[i]!);
}

/** Water of each cell's medium alone, v/v of the bed: a wall gives up its own last. */
export function cellWaterShare(column: Column, state: ColumnState): Float64Array {
  return state.wetness.map(
    (wet, i) => Math.max(0, wet * column.capacityG[i]! - column.wallG[i]!) / (column.volumeL[i]! * 1000),
  );
}

export function sumRootZone(column: Column, wetness: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < column.cellCount; i += 1) sum += column.rootCapacityG[i]! * wetness[i]!;
  return sum;
}

/** Water that stands among the roots, g: what lies below them, or in an outer pot, does not. It sinks from above. */
export function pondedG(column: Column, state: ColumnState): number {
  return Math.max(0, state.totals[RESERVOIR]! - column.belowRootsG);
}

/** A drained column that holds all it can, with a full reservoir. */
export function createState(column: Column): ColumnState {
  const cells = () => new Float64Array(column.cellCount);
  const totals = new Float64Array(TOTALS);
  totals[RESERVOIR] = column.reservoirCapacityG;
  totals[ROOT_WARMTH] = NaN;
  totals[WICK_WETNESS] = 1;
  totals[DEMAND] = 1;
  const wetness = cells().fill(1);
  totals[ROOT_ZONE] = sumRootZone(column, wetness);
  return {
    wetness,
    wentDownG: cells(),
    totals,
    lossesFor: null,
    scratch: { lanes: lanesOf(column), tookG: cells(), ranOnG: cells() },
  };
}
