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
import { k } from './constants';
import type { HourClass } from './hour-class';

/** Copies in this module's scope: the compiler folds them into the loop. */
const surfaceWetAbove = k.SURFACE_WET_ABOVE;
const uptakeFullAbove = k.UPTAKE_FULL_ABOVE;
/** The vapour network is solved anew after this many hours at the latest. */
const refreshHours = k.REFRESH_HOURS;
const emptyWetness = k.EMPTY_WETNESS;

export interface ColumnState {
  /** Water of each cell as a share of its capacity; `cellWaterG` gives grams. */
  readonly wetness: Float64Array;
  /** reservoirG, evaporatedG, takenUpG, evaporationGH, hoursSinceRefresh, rootZoneG: see the accessors below. */
  readonly totals: Float64Array;
  readonly scratch: Scratch;
  /** The kind of hour the losses were last worked out for. */
  lossesFor: HourClass | null;
}

interface Scratch {
  /** Of the tridiagonal solver. */
  readonly result: Float64Array;
  readonly sweep: Float64Array;
  /** One over the wetness before the step; 0 where empty. */
  readonly perWetness: Float64Array;
  readonly deficit: Float64Array;
  readonly exposed: Float64Array;
  /** All losses of each cell at the last refresh, g/h, and uptake among them. */
  readonly lossGH: Float64Array;
  readonly uptakeGH: Float64Array;
}

const RESERVOIR = 0;
const EVAPORATED = 1;
const TAKEN_UP = 2;
const EVAPORATION_RATE = 3;
const SINCE_REFRESH = 4;
const ROOT_ZONE = 5;

export const reservoirG = (state: ColumnState): number => state.totals[RESERVOIR]!;
/** Evaporated since the state was made, g. */
export const evaporatedG = (state: ColumnState): number => state.totals[EVAPORATED]!;
/** Taken up by the plant since the state was made, g. */
export const takenUpG = (state: ColumnState): number => state.totals[TAKEN_UP]!;
/** Evaporation of the last step, g/h. */
export const evaporationGH = (state: ColumnState): number => state.totals[EVAPORATION_RATE]!;

/** Water of each cell, g. */
export function cellWaterG(column: Column, state: ColumnState): Float64Array {
  return state.wetness.map((wet, i) => wet * column.capacityG[i]!);
}

function sumRootZone(column: Column, wetness: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < column.cellCount; i += 1) sum += column.rootCapacityG[i]! * wetness[i]!;
  return sum;
}

/** A freshly watered and drained column with a full reservoir. */
export function createState(column: Column): ColumnState {
  const cells = () => new Float64Array(column.cellCount);
  const totals = new Float64Array(6);
  totals[RESERVOIR] = column.reservoirCapacityG;
  const wetness = cells().fill(1);
  totals[ROOT_ZONE] = sumRootZone(column, wetness);
  return {
    wetness,
    totals,
    lossesFor: null,
    scratch: {
      result: cells(),
      perWetness: cells(),
      sweep: cells(),
      deficit: cells(),
      exposed: cells(),
      lossGH: cells(),
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
  const { exposureM3H, unavailableWetness, rootShare } = column;
  const { outsideM3H, betweenM3H, wallGH, topM3H, deficitGM3, uptakeGH: thirstGH } = hour;
  const { deficit, sweep, exposed, lossGH, uptakeGH } = state.scratch;
  const { wetness } = state;
  let above = 0;
  let previousSweep = 0;
  let previousDeficit = 0;
  for (let i = 0; i < n; i += 1) {
    const wet = wetness[i]!;
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
    lossGH[i] = wallGH[i]! * wetShare;
    above = below;
  }
  let below = 0;
  for (let i = n - 1; i >= 0; i -= 1) {
    below = deficit[i]! + sweep[i]! * below;
    const tight = unavailableWetness[i]!;
    const fullAt = uptakeFullAbove * (1 - tight);
    const available = wetness[i]! - tight;
    const uptakeShare = available <= 0 ? 0 : available >= fullAt ? 1 : available / fullAt;
    const uptake = thirstGH * rootShare[i]! * uptakeShare;
    uptakeGH[i] = uptake;
    lossGH[i] = lossGH[i]! + exposed[i]! * below + uptake;
  }
  state.lossesFor = hour;
  state.totals[SINCE_REFRESH] = 0;
}

/**
 * One implicit step: the forward sweep. `supplyShare` is 1 while the reservoir feeds the column;
 * `giftPerSupply` hands over a fixed last amount instead (g/h per g/h of supply).
 */
function sweepDown(
  column: Column,
  state: ColumnState,
  hours: number,
  supplyShare: number,
  giftPerSupply: number,
): void {
  const n = column.cellCount;
  const { capacityG, liquidGH, supplyGH } = column;
  const { wetness } = state;
  const { result, sweep, perWetness, lossGH } = state.scratch;
  const isFed = supplyShare > 0 || giftPerSupply > 0;
  const perHour = 1 / hours;
  let above = 0;
  let previousSweep = 0;
  let previousResult = 0;
  let wet = wetness[0]!;
  for (let i = 0; i < n; i += 1) {
    const next = i < n - 1 ? wetness[i + 1]! : 0;
    // Conductance falls with the mean wetness of the two cells; the last cell has none below.
    const below = liquidGH[i]! * 0.5 * (wet + next);
    const inverse = wet > emptyWetness ? 1 / wet : 0;
    const storage = capacityG[i]! * perHour;
    let own = storage + lossGH[i]! * inverse;
    let source = storage * wet;
    if (isFed) {
      own += supplyGH[i]! * supplyShare;
      source += supplyGH[i]! * (supplyShare + giftPerSupply);
    }
    const pivot = 1 / (own + below + above * (1 - previousSweep));
    previousResult = (source + above * previousResult) * pivot;
    previousSweep = below * pivot;
    perWetness[i] = inverse;
    result[i] = previousResult;
    sweep[i] = previousSweep;
    above = below;
    wet = next;
  }
}

/** The backward sweep: writes the new wetness and books what left each cell. */
function sweepUp(column: Column, state: ColumnState, hours: number): void {
  const { rootCapacityG } = column;
  const { wetness, totals } = state;
  const { result, sweep, perWetness, lossGH, uptakeGH } = state.scratch;
  let lower = 0;
  let lost = 0;
  let takenUp = 0;
  let rootZone = 0;
  for (let i = column.cellCount - 1; i >= 0; i -= 1) {
    lower = result[i]! + sweep[i]! * lower;
    wetness[i] = lower;
    const change = lower * perWetness[i]!;
    lost += lossGH[i]! * change;
    takenUp += uptakeGH[i]! * change;
    rootZone += rootCapacityG[i]! * lower;
  }
  totals[EVAPORATED] = totals[EVAPORATED]! + (lost - takenUp) * hours;
  totals[TAKEN_UP] = totals[TAKEN_UP]! + takenUp * hours;
  totals[EVAPORATION_RATE] = lost - takenUp;
  totals[ROOT_ZONE] = rootZone;
}

/** What the solved step would draw from the reservoir, g. */
function drawnG(column: Column, state: ColumnState, hours: number): number {
  const { supplyGH } = column;
  const { result, sweep } = state.scratch;
  let lower = 0;
  let drawn = 0;
  for (let i = column.cellCount - 1; i >= 0; i -= 1) {
    lower = result[i]! + sweep[i]! * lower;
    drawn += supplyGH[i]! * (1 - lower);
  }
  return drawn * hours;
}

/** Feeds the step from the reservoir; where it holds less than is drawn, exactly what is left. */
function sweepDownFed(column: Column, state: ColumnState, hours: number): void {
  const leftG = state.totals[RESERVOIR]!;
  sweepDown(column, state, hours, 1, 0);
  const wantedG = drawnG(column, state, hours);
  if (wantedG <= leftG) {
    state.totals[RESERVOIR] = leftG - wantedG;
    return;
  }
  let supplyTotalGH = 0;
  for (let i = 0; i < column.cellCount; i += 1) supplyTotalGH += column.supplyGH[i]!;
  sweepDown(column, state, hours, 0, leftG / hours / supplyTotalGH);
  state.totals[RESERVOIR] = 0;
}

/** Advances the column by `hours` (usually 1) in air of the given kind. Returns the root zone's water, g. */
export function stepHour(column: Column, hour: HourClass, state: ColumnState, hours = 1): number {
  const { totals } = state;
  if (state.lossesFor !== hour || totals[SINCE_REFRESH]! >= refreshHours) refreshLosses(column, hour, state);
  if (totals[RESERVOIR]! > 0) sweepDownFed(column, state, hours);
  else sweepDown(column, state, hours, 0, 0);
  sweepUp(column, state, hours);
  totals[SINCE_REFRESH] = totals[SINCE_REFRESH]! + hours;
  return totals[ROOT_ZONE]!;
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
    const capacityG = column.capacityG[i]!;
    const lackingG = Math.max(0, 1 - state.wetness[i]!) * capacityG;
    const takenG = Math.min(leftG, lackingG * column.wettability[i]!);
    state.wetness[i] = state.wetness[i]! + takenG / capacityG;
    leftG -= takenG;
    heldG += takenG;
  }
  const toReservoirG = Math.min(leftG, column.reservoirCapacityG - reservoirG(state));
  state.totals[RESERVOIR] = reservoirG(state) + toReservoirG;
  state.totals[ROOT_ZONE] = sumRootZone(column, state.wetness);
  state.lossesFor = null;
  return heldG + toReservoirG;
}
