/**
 * The column: a setup cut into horizontal cells, top first, with everything about it that does not
 * change with the hour. Structure of arrays, because the hourly kernel runs over it 8,760 times.
 */
import { k } from './constants';
import type { PlantWaterUse } from './setup';
import type { WickRun } from './wick';

export interface Column {
  readonly cellCount: number;
  /** Height of the cell's floor above the pot's base, cm (distance from the backing for a mount). */
  readonly floorCm: Float64Array;
  readonly thicknessCm: Float64Array;
  /** Of medium, without roots. */
  readonly volumeL: Float64Array;
  /** Index of the layer (from the bottom) each cell belongs to. */
  readonly layerIndex: Uint8Array;
  /** 1 for cells that hold roots. */
  readonly isRootZone: Uint8Array;
  /** Water after drainage, with that of the wall beside it, g. */
  readonly capacityG: Float64Array;
  /** One over that, 1/g. For the hot loop. */
  readonly perCapacity: Float64Array;
  /** Water of a porous wall beside the cell when it is full, g. */
  readonly wallG: Float64Array;
  /** Water roots cannot take, g. */
  readonly unavailableG: Float64Array;
  /** All pore space, g of water. */
  readonly poreG: Float64Array;
  /** Share of the lacking water that a first pour of the dry medium puts in, if the pour reaches it. */
  readonly wettability: Float64Array;
  /** Share of the pieces that a quick pour reaches. */
  readonly reached: Float64Array;
  /** Share of what is still lacking that soaks in, 1/min of standing in water. */
  readonly soakedPerMinute: Float64Array;
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
  /** Wetness at which the reservoir gives no more, when full and when nearly empty. */
  readonly restFull: Float64Array;
  readonly restEmpty: Float64Array;
  readonly rootShare: Float64Array;
  /** Capacity of cells that hold roots, else 0, g; and tight water as a share of capacity. For the hot loop. */
  readonly rootCapacityG: Float64Array;
  readonly unavailableWetness: Float64Array;
  /** Open side area, m², and the path from the middle to it, as area over distance, m. */
  readonly openSideM2: Float64Array;
  readonly sidePathM: Float64Array;
  /** Open base and cone area, m². */
  readonly openBaseM2: Float64Array;
  /** Side area of a wall that lets water through, m². */
  readonly porousSideM2: Float64Array;
  /** What the medium can bring to that wall, g/h at full wetness. */
  readonly wallSupplyGH: Float64Array;
  /** Decay going on in the medium, 0 to 1, and the share of its salts that water passing by can carry off. */
  readonly decay: Float64Array;
  readonly saltRelease: Float64Array;
  readonly topAreaM2: number;
  /** Area that catches light from above and the side, m². */
  readonly radiantAreaM2: number;
  /** All surface that exchanges heat with the air, m². */
  readonly heatAreaM2: number;
  /** Heat the root zone takes up, J/K. */
  readonly heatCapacityJK: number;
  readonly reservoirCapacityG: number;
  /** Of that, what lies out of the roots' reach: below them, or in an outer pot, g. */
  readonly belowRootsG: number;
  /** Topmost cell under standing water while there is some; -1 without. */
  readonly surfaceCell: number;
  /** Conductance of that water's surface, m³/h, and the path from it into the cell above, as area over distance, m. */
  readonly surfaceM3H: number;
  readonly surfacePathM: number;
  /** Bare roots: the air about them is all the air there is. */
  readonly hangsInAir: boolean;
  /** Wicks that feed it; null for standing water or none. */
  readonly wicks: WickRun | null;
  readonly drinker: PlantWaterUse;
}

export type ColumnScalars = Pick<
  Column,
  | 'topAreaM2'
  | 'radiantAreaM2'
  | 'heatAreaM2'
  | 'heatCapacityJK'
  | 'reservoirCapacityG'
  | 'belowRootsG'
  | 'surfaceCell'
  | 'surfaceM3H'
  | 'surfacePathM'
  | 'hangsInAir'
  | 'wicks'
  | 'drinker'
>;

export function allocateColumn(cellCount: number, scalars: ColumnScalars): Column {
  const cells = () => new Float64Array(cellCount);
  return {
    cellCount,
    floorCm: cells(),
    thicknessCm: cells(),
    volumeL: cells(),
    layerIndex: new Uint8Array(cellCount),
    isRootZone: new Uint8Array(cellCount),
    capacityG: cells(),
    perCapacity: cells(),
    wallG: cells(),
    rootCapacityG: cells(),
    unavailableWetness: cells(),
    unavailableG: cells(),
    poreG: cells(),
    wettability: cells(),
    reached: cells(),
    soakedPerMinute: cells(),
    exposureM3H: cells(),
    liquidGH: cells(),
    vapourPathM: cells(),
    ventilation: cells(),
    supplyGH: cells(),
    restFull: cells(),
    restEmpty: cells(),
    rootShare: cells(),
    openSideM2: cells(),
    sidePathM: cells(),
    openBaseM2: cells(),
    porousSideM2: cells(),
    wallSupplyGH: cells(),
    decay: cells(),
    saltRelease: cells(),
    ...scalars,
  };
}

/** Water the root zone offers roots after a watering, with what stands among them, and what it holds too tightly for them, g. */
export interface RootZoneWater {
  readonly availableG: number;
  readonly unavailableG: number;
}

export function rootZoneWater(column: Column): RootZoneWater {
  let availableG = column.reservoirCapacityG - column.belowRootsG;
  let unavailableG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    availableG += column.capacityG[i]! - column.unavailableG[i]!;
    unavailableG += column.unavailableG[i]!;
  }
  return { availableG, unavailableG };
}

/** The lowest part of the root zone, where water gathers and air is least. */
export interface WetFoot {
  /** Index of its uppermost cell, and how much of that belongs to it; it runs down to the last cell that holds roots. */
  readonly firstCell: number;
  readonly firstShare: number;
  readonly lastCell: number;
  readonly poreG: number;
  readonly volumeG: number;
}

/** The lowest part of the root zone's volume. */
export function wetFootOf(column: Column): WetFoot {
  const lastCell = column.isRootZone.lastIndexOf(1);
  let rootZoneL = 0;
  for (let i = 0; i <= lastCell; i += 1) rootZoneL += column.isRootZone[i] ? column.volumeL[i]! : 0;
  const footL = k.WET_FOOT_SHARE * rootZoneL;
  let firstCell = lastCell;
  let belowL = 0;
  let poreG = 0;
  while (belowL + column.volumeL[firstCell]! < footL) {
    belowL += column.volumeL[firstCell]!;
    poreG += column.poreG[firstCell]!;
    firstCell -= 1;
  }
  const firstShare = (footL - belowL) / column.volumeL[firstCell]!;
  return {
    firstCell,
    firstShare,
    lastCell,
    poreG: poreG + firstShare * column.poreG[firstCell]!,
    volumeG: footL * 1000,
  };
}
