/** A column as it would be if the model were wrong in what it knows least: for "how sure is the answer". */
import type { Column } from './column';

/** Factors on what is from memory; 1 = as the model has it. */
export interface ModelDoubt {
  /** Flow of a wick. */
  readonly wickFlow: number;
  /** How well media take water. */
  readonly wetting: number;
  /** How well a medium touches and feeds a porous wall. */
  readonly contact: number;
}

export function doubted(column: Column, { wickFlow, wetting, contact }: ModelDoubt): Column {
  const scaled = (values: Float64Array, factor: number) => values.map((value) => value * factor);
  return {
    ...column,
    supplyGH: column.wicks === null ? column.supplyGH : scaled(column.supplyGH, wickFlow),
    reached: column.reached.map((share) => Math.min(1, share * wetting)),
    soakedPerMinute: scaled(column.soakedPerMinute, wetting),
    wallSupplyGH: scaled(column.wallSupplyGH, contact),
  };
}
