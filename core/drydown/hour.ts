/**
 * One step of the dry-down.
 *
 * 1. Vapour (`refreshLosses`): the air between the pieces of each cell is a node of a linear network
 *    (to the cell's wet surfaces, to its neighbours, through openings to the outside). Solving it
 *    gives each cell's evaporation. It changes slowly, so it is solved anew every few hours, when
 *    day turns to night, and after watering.
 * 2. Liquid (`stepHour`): capillary exchange between cells, supply from the reservoir, and the
 *    losses (each written as proportional to the cell's new wetness) as one implicit tridiagonal
 *    system. Its matrix is an M-matrix, so no cell can go below empty, and what leaves a cell
 *    is booked from the same solution, so the balance closes to rounding.
 *
 * This is the one hot loop of the product (8,760 steps a year for hundreds of setups), hence plain
 * loops over typed arrays and fused passes.
 */
import type { Column } from './column';
import { SURFACE_WET_ABOVE, UPTAKE_FULL_ABOVE } from './constants';
import type { HourClass } from './hour-class';

/** Copies in this module's scope: the compiler folds them into the loop. */
const surfaceWetAbove = SURFACE_WET_ABOVE;
const uptakeFullAbove = UPTAKE_FULL_ABOVE;
/** The vapour network is solved anew after this many hours at the latest. */
const REFRESH_HOURS = 3;
const EMPTY_WETNESS = 1e-9;

export interface ColumnState {
  readonly waterG: Float64Array;
  /** reservoirG, evaporatedG, takenUpG, evaporationGH, hoursSinceRefresh: see the accessors below. */
  readonly totals: Float64Array;
  readonly scratch: Scratch;
  /** The kind of hour the losses were last worked out for. */
  lossesFor: HourClass | null;
}

interface Scratch {
  readonly wetness: Float64Array;
  readonly result: Float64Array;
  readonly sweep: Float64Array;
  readonly deficit: Float64Array;
  readonly exposed: Float64Array;
  /** Losses of each cell at the last refresh, g/h. */
  readonly evaporationGH: Float64Array;
  readonly uptakeGH: Float64Array;
}

const RESERVOIR = 0;
const EVAPORATED = 1;
const TAKEN_UP = 2;
const EVAPORATION_RATE = 3;
const SINCE_REFRESH = 4;

export const reservoirG = (state: ColumnState): number => state.totals[RESERVOIR]!;
/** Evaporated since the state was made, g. */
export const evaporatedG = (state: ColumnState): number => state.totals[EVAPORATED]!;
/** Taken up by the plant since the state was made, g. */
export const takenUpG = (state: ColumnState): number => state.totals[TAKEN_UP]!;
/** Evaporation of the last step, g/h. */
export const evaporationGH = (state: ColumnState): number => state.totals[EVAPORATION_RATE]!;

/** A freshly watered and drained column with a full reservoir. */
export function createState(column: Column): ColumnState {
  const cells = () => new Float64Array(column.cellCount);
  const totals = new Float64Array(5);
  totals[RESERVOIR] = column.reservoirCapacityG;
  return {
    waterG: Float64Array.from(column.capacityG),
    totals,
    lossesFor: null,
    scratch: {
      wetness: cells(),
      result: cells(),
      sweep: cells(),
      deficit: cells(),
      exposed: cells(),
      evaporationGH: cells(),
      uptakeGH: cells(),
    },
  };
}

/**
 * Works out what each cell loses per hour as it is now: evaporation from the vapour network (Thomas
 * algorithm) and through a porous wall, and uptake by roots.
 */
function refreshLosses(column: Column, hour: HourClass, state: ColumnState): void {
  const n = column.cellCount;
  const { exposureM3H, capacityG, tightG, rootShare } = column;
  const { outsideM3H, betweenM3H, wallGH, topM3H, deficitGM3, uptakeGH: thirstGH } = hour;
  const { deficit, sweep, exposed, evaporationGH: evaporation, uptakeGH } = state.scratch;
  const { waterG } = state;
  let above = 0;
  let previousSweep = 0;
  let previousDeficit = 0;
  for (let i = 0; i < n; i += 1) {
    const wet = waterG[i]! / capacityG[i]!;
    const wetShare = wet >= surfaceWetAbove ? 1 : wet / surfaceWetAbove;
    const open = exposureM3H[i]! * wetShare * wetShare;
    const outside = i === 0 ? outsideM3H[i]! + topM3H : outsideM3H[i]!;
    const below = betweenM3H[i]!;
    const pivot = 1 / (open + outside + below + above * (1 - previousSweep) + 1e-30);
    previousDeficit = (outside * deficitGM3 + above * previousDeficit) * pivot;
    previousSweep = below * pivot;
    exposed[i] = open;
    deficit[i] = previousDeficit;
    sweep[i] = previousSweep;
    evaporation[i] = wallGH[i]! * wetShare;
    above = below;
  }
  let below = 0;
  for (let i = n - 1; i >= 0; i -= 1) {
    below = deficit[i]! + sweep[i]! * below;
    evaporation[i] = evaporation[i]! + exposed[i]! * below;
    const fullAt = uptakeFullAbove * (capacityG[i]! - tightG[i]!);
    const available = waterG[i]! - tightG[i]!;
    const uptakeShare = available <= 0 ? 0 : available >= fullAt ? 1 : available / fullAt;
    uptakeGH[i] = thirstGH * rootShare[i]! * uptakeShare;
  }
  state.lossesFor = hour;
  state.totals[SINCE_REFRESH] = 0;
}

/**
 * Solves for the new wetness into scratch.result. `supplyShare` is 1 while the reservoir feeds the
 * column; `giftG` hands over a fixed last amount instead.
 */
function solveLiquid(
  column: Column,
  state: ColumnState,
  hours: number,
  supplyShare: number,
  giftPerSupply: number,
): void {
  const n = column.cellCount;
  const { capacityG, liquidGH, supplyGH } = column;
  const { wetness, result, sweep, evaporationGH: evaporation, uptakeGH } = state.scratch;
  const perHour = 1 / hours;
  let above = 0;
  let previousSweep = 0;
  let previousResult = 0;
  let wet = wetness[0]!;
  for (let i = 0; i < n; i += 1) {
    const next = i < n - 1 ? wetness[i + 1]! : 0;
    // Conductance falls with the mean wetness of the two cells; the last cell has none below.
    const below = liquidGH[i]! * 0.5 * (wet + next);
    const storage = capacityG[i]! * perHour;
    const supply = supplyGH[i]! * supplyShare;
    const loss = wet > EMPTY_WETNESS ? (evaporation[i]! + uptakeGH[i]!) / wet : 0;
    const pivot = 1 / (storage + loss + supply + below + above * (1 - previousSweep));
    previousResult = (storage * wet + supply + supplyGH[i]! * giftPerSupply + above * previousResult) * pivot;
    previousSweep = below * pivot;
    result[i] = previousResult;
    sweep[i] = previousSweep;
    above = below;
    wet = next;
  }
  let lower = 0;
  for (let i = n - 1; i >= 0; i -= 1) {
    lower = result[i]! + sweep[i]! * lower;
    result[i] = lower;
  }
}

/** Water drawn from the reservoir in this step, g; never more than it holds. */
function drawReservoir(column: Column, state: ColumnState, hours: number): void {
  const { supplyGH } = column;
  const { result } = state.scratch;
  let drawnG = 0;
  let supplyTotalGH = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    drawnG += supplyGH[i]! * (1 - result[i]!) * hours;
    supplyTotalGH += supplyGH[i]!;
  }
  const leftG = state.totals[RESERVOIR]!;
  if (drawnG > leftG) {
    // It runs out within this step: hand over exactly what is left.
    solveLiquid(column, state, hours, 0, leftG / hours / supplyTotalGH);
    drawnG = leftG;
  }
  state.totals[RESERVOIR] = leftG - drawnG;
}

/** Advances the column by `hours` (usually 1) in air of the given kind. */
export function stepHour(column: Column, hour: HourClass, state: ColumnState, hours = 1): void {
  const n = column.cellCount;
  const { capacityG } = column;
  const { totals, waterG } = state;
  const { wetness, result, evaporationGH: evaporation, uptakeGH } = state.scratch;
  if (state.lossesFor !== hour || totals[SINCE_REFRESH]! >= REFRESH_HOURS) refreshLosses(column, hour, state);
  for (let i = 0; i < n; i += 1) wetness[i] = waterG[i]! / capacityG[i]!;

  const isSupplied = totals[RESERVOIR]! > 0;
  solveLiquid(column, state, hours, isSupplied ? 1 : 0, 0);
  if (isSupplied) drawReservoir(column, state, hours);

  let evaporated = 0;
  let takenUp = 0;
  for (let i = 0; i < n; i += 1) {
    const wet = result[i]!;
    const before = wetness[i]!;
    const change = before > EMPTY_WETNESS ? wet / before : 0;
    evaporated += evaporation[i]! * change;
    takenUp += uptakeGH[i]! * change;
    waterG[i] = wet * capacityG[i]!;
  }
  totals[EVAPORATED] = totals[EVAPORATED]! + evaporated * hours;
  totals[TAKEN_UP] = totals[TAKEN_UP]! + takenUp * hours;
  totals[EVAPORATION_RATE] = evaporated;
  totals[SINCE_REFRESH] = totals[SINCE_REFRESH]! + hours;
}

/** Temperature of the root zone after the last step, °C. */
export function rootZoneC(hour: HourClass, state: ColumnState): number {
  return hour.temperatureC + hour.warmingK - hour.coolingKPerGH * evaporationGH(state);
}

/**
 * Waters the column from above: each cell fills as far as its medium wets, what is left goes to the
 * reservoir, the rest runs off. Returns what stayed in the pot, g.
 */
export function waterColumn(column: Column, state: ColumnState, pouredG = Infinity): number {
  let leftG = pouredG;
  let heldG = 0;
  for (let i = 0; i < column.cellCount && leftG > 0; i += 1) {
    const lackingG = Math.max(0, column.capacityG[i]! - state.waterG[i]!);
    const takenG = Math.min(leftG, lackingG * column.wettability[i]!);
    state.waterG[i] = state.waterG[i]! + takenG;
    leftG -= takenG;
    heldG += takenG;
  }
  const toReservoirG = Math.min(leftG, column.reservoirCapacityG - reservoirG(state));
  state.totals[RESERVOIR] = reservoirG(state) + toReservoirG;
  state.lossesFor = null;
  return heldG + toReservoirG;
}
