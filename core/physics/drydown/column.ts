/**
 * The column: a setup cut into horizontal cells, top first, with everything about it that does not
 * change with the hour. Structure of arrays, because the hourly kernel runs over it 8,760 times.
 */
import type { Drinker } from './setup';

export interface Column {
  readonly cellCount: number;
  /** Height of the cell's floor above the pot's base, cm (distance from the backing for a mount). */
  readonly floorCm: Float64Array;
  readonly thicknessCm: Float64Array;
  readonly volumeL: Float64Array;
  /** Index of the layer (from the bottom) each cell belongs to. */
  readonly layerIndex: Uint8Array;
  /** 1 for cells that hold roots. */
  readonly isRootZone: Uint8Array;
  /** Water after drainage, g. */
  readonly capacityG: Float64Array;
  /** Water roots cannot take, g. */
  readonly unavailableG: Float64Array;
  /** All pore space, g of water. */
  readonly poreG: Float64Array;
  /** Share of the lacking water that a watering replaces. */
  readonly wettability: Float64Array;
  /** Conductance from wet pieces to the air between them at full wetness, m³/h. */
  readonly exposureM3H: Float64Array;
  /** Liquid conductance to the next cell down, g/h per unit of relative wetness. */
  readonly liquidGH: Float64Array;
  /** Area over distance to the next cell down times its air geometry, m: times diffusivity = m³/h. */
  readonly vapourPathM: Float64Array;
  /** Gain of vapour transport by air moving between the pieces in still air. */
  readonly ventilation: Float64Array;
  /** Supply from the reservoir into a dry cell, g/h. */
  readonly supplyGH: Float64Array;
  readonly rootShare: Float64Array;
  /** Capacity of cells that hold roots, else 0, g; and tight water as a share of capacity. For the hot loop. */
  readonly rootCapacityG: Float64Array;
  readonly unavailableWetness: Float64Array;
  /** Open side area, m², and the path from the middle to it, as area over distance, m. */
  readonly openSideM2: Float64Array;
  readonly sidePathM: Float64Array;
  /** Open base and cone area, m². */
  readonly openBaseM2: Float64Array;
  /** Side area of a wall that lets water through, m², times the contact of the pieces with it. */
  readonly porousSideM2: Float64Array;
  readonly topAreaM2: number;
  /** Area that catches light from above and the side, m². */
  readonly radiantAreaM2: number;
  /** All surface that exchanges heat with the air, m². */
  readonly heatAreaM2: number;
  readonly reservoirCapacityG: number;
  readonly drinker: Drinker;
}

export function allocateColumn(
  cellCount: number,
  scalars: Pick<Column, 'topAreaM2' | 'radiantAreaM2' | 'heatAreaM2' | 'reservoirCapacityG' | 'drinker'>,
): Column {
  const cells = () => new Float64Array(cellCount);
  return {
    cellCount,
    floorCm: cells(),
    thicknessCm: cells(),
    volumeL: cells(),
    layerIndex: new Uint8Array(cellCount),
    isRootZone: new Uint8Array(cellCount),
    capacityG: cells(),
    rootCapacityG: cells(),
    unavailableWetness: cells(),
    unavailableG: cells(),
    poreG: cells(),
    wettability: cells(),
    exposureM3H: cells(),
    liquidGH: cells(),
    vapourPathM: cells(),
    ventilation: cells(),
    supplyGH: cells(),
    rootShare: cells(),
    openSideM2: cells(),
    sidePathM: cells(),
    openBaseM2: cells(),
    porousSideM2: cells(),
    ...scalars,
  };
}

/** Water the drained root zone offers roots, and what it holds too tightly for them, g. */
export interface RootZoneWater {
  readonly availableG: number;
  readonly unavailableG: number;
}

export function rootZoneWater(column: Column): RootZoneWater {
  let availableG = 0;
  let unavailableG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    availableG += column.capacityG[i]! - column.unavailableG[i]!;
    unavailableG += column.unavailableG[i]!;
  }
  return { availableG, unavailableG };
}
