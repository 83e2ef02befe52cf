/**
 * One step of the dry-down.
 *
 * 1. Vapour (`refreshLosses`): the air between the pieces of each cell is a node of a linear network
 *    (to the cell's wet surfaces, to its neighbours, through openings to the outside). Solving it
 *    gives each cell's evaporation. It changes slowly, so it is solved anew every few hours (sooner where
 *    little water is left), when day turns to night, and after watering.
 * 2. Liquid (`stepHour`): capillary exchange between cells, supply from the reservoir, and the
 *    losses (by the wetness before the step where a cell loses little in it, by that after where it would run
 *    dry, and in between in between: of second order for a steady loss) as one implicit tridiagonal
 *    system. Its matrix is an M-matrix, so no cell can go below empty, and what leaves a cell
 *    is booked from the same solution, so the balance closes to rounding.
 *
 * This is the one hot loop of the product (8,760 steps a year for hundreds of setups), hence plain
 * loops over typed arrays and fused passes.
 */
import type { Column } from './column';
import { k } from './constants';
import type { HourClass } from './hour-class';
import * as lane from './lanes';
import * as at from './state';
import type { ColumnState } from './state';
import { wickFlowShare } from './wick';

/** Copies in this module's scope: the compiler folds them into the loop, and no module is asked for them in it. */
const {
  EVAPORATED,
  EVAPORATION_RATE,
  LOSING,
  REFILL,
  RESERVOIR,
  ROOT_WARMTH,
  rootZoneC,
  ROOT_ZONE,
  SINCE_REFRESH,
  TAKEN_UP,
  DEMAND,
  WICK_WETNESS,
} = at;
const {
  CAPACITY,
  DOWN,
  EXPOSURE,
  FED,
  FOLLOWING,
  LANES,
  LIQUID,
  LOSS,
  OPEN,
  PER_CAPACITY,
  PER_FULL,
  RESULT,
  ROOTS,
  ROOT_CAPACITY,
  STEADY,
  SWEEP,
  TIGHT,
  UPTAKE,
} = lane;
const surfaceWetAbove = k.SURFACE_WET_ABOVE;
const perSurfaceWet = 1 / k.SURFACE_WET_ABOVE;
/** The vapour network is solved anew after this many hours at the latest. */
const refreshHours = k.REFRESH_HOURS;
const emptyWetness = k.EMPTY_WETNESS;
/** No step may take more of the root zone's water than this. */
const mostPerStep = k.MOST_LOST_PER_STEP;
const stepsPerRefresh = k.STEPS_PER_REFRESH;
const mostStepsPerHour = k.MOST_STEPS_PER_HOUR;
const wickWetsHours = k.WICK_WETS_HOURS;
const wickDriesHours = k.WICK_DRIES_HOURS;
const dryWickShare = k.DRY_WICK_SHARE;

/**
 * Works out what each cell loses per hour as it is now: evaporation from the vapour network (Thomas
 * algorithm) and through a porous wall, and uptake by roots.
 */
function refreshLosses(column: Column, hour: HourClass, state: ColumnState): void {
  const n = column.cellCount;
  const { outsideM3H, betweenM3H, wallGH, topM3H, deficitGM3 } = hour;
  const { lanes } = state.scratch;
  const { wetness, totals } = state;
  // Under standing water vapour leaves by the surface of the water only.
  const surface = column.surfaceCell >= 0 && totals[RESERVOIR]! > 0 ? column.surfaceCell : n;
  const demandGH = hour.uptakeGH * totals[DEMAND]! + totals[REFILL]!;
  let above = 0;
  let previousSweep = 0;
  let previousDeficit = 0;
  for (let i = 0, cell = 0; i < n; i += 1, cell += LANES) {
    const wet = wetness[i]!;
    const wetShare = wet >= surfaceWetAbove ? 1 : wet * perSurfaceWet;
    const open = i < surface ? lanes[cell + EXPOSURE]! * wetShare * wetShare : i === surface ? column.surfaceM3H : 0;
    const outside = i === 0 ? outsideM3H[i]! + topM3H : outsideM3H[i]!;
    const below = i < surface - 1 ? betweenM3H[i]! : i === surface - 1 && surface < n ? hour.fromSurfaceM3H : 0;
    const pivot = 1 / (open + outside + below + above * (1 - previousSweep) + 1e-30);
    previousDeficit = (outside * deficitGM3 + above * previousDeficit) * pivot;
    previousSweep = below * pivot;
    lanes[cell + OPEN] = open;
    lanes[cell + RESULT] = previousDeficit;
    lanes[cell + SWEEP] = previousSweep;
    lanes[cell + LOSS] = wallGH[i]! * wetShare;
    above = below;
  }
  let below = 0;
  let losing = 0;
  for (let i = n - 1, cell = i * LANES; i >= 0; i -= 1, cell -= LANES) {
    below = lanes[cell + RESULT]! + lanes[cell + SWEEP]! * below;
    const drinkable = (wetness[i]! - lanes[cell + TIGHT]!) * lanes[cell + PER_FULL]!;
    const uptakeShare = drinkable <= 0 ? 0 : drinkable >= 1 ? 1 : drinkable;
    const uptake = demandGH * lanes[cell + ROOTS]! * uptakeShare;
    lanes[cell + UPTAKE] = uptake;
    const loss = lanes[cell + LOSS]! + lanes[cell + OPEN]! * below + uptake;
    lanes[cell + LOSS] = loss;
    losing += loss;
  }
  state.lossesFor = hour;
  totals[SINCE_REFRESH] = 0;
  totals[LOSING] = losing;
}

/** What the reservoir can give each cell in this step: standing water at once, wicks by suction. */
function planFeeding(column: Column, state: ColumnState): void {
  const { supplyGH } = column;
  const { lanes } = state.scratch;
  const fill = fillOf(column, state);
  const flow = column.wicks === null ? 1 : wickFlowShare(column.wicks, fill) * state.totals[WICK_WETNESS]!;
  for (let i = 0; i < column.cellCount; i += 1) {
    // Only inwards: a wick that could empty the pot into a full outer one would run it over.
    lanes[i * LANES + FED] = state.wetness[i]! < restingWetness(column, fill, i) ? supplyGH[i]! * flow : 0;
  }
}

function fillOf(column: Column, state: ColumnState): number {
  return state.totals[RESERVOIR]! / column.reservoirCapacityG;
}

/** Wetness at which the reservoir gives cell i no more. */
function restingWetness(column: Column, fill: number, i: number): number {
  const empty = column.restEmpty[i]!;
  return empty + (column.restFull[i]! - empty) * fill;
}

/**
 * One implicit step: the forward sweep. `isFed` while the reservoir feeds the column; `giftPerSupply`
 * hands over a fixed last amount instead (g/h per g/h of supply).
 */
function sweepDown(column: Column, state: ColumnState, hours: number, isFed: boolean, giftPerSupply: number): void {
  const n = column.cellCount;
  const { wetness } = state;
  const { lanes } = state.scratch;
  const perHour = 1 / hours;
  const fill = isFed ? fillOf(column, state) : 0;
  let above = 0;
  let previousSweep = 0;
  let previousResult = 0;
  let wet = wetness[0]!;
  for (let i = 0, cell = 0; i < n; i += 1, cell += LANES) {
    const next = i < n - 1 ? wetness[i + 1]! : 0;
    // Conductance falls with the mean wetness of the two cells.
    const below = lanes[cell + LIQUID]! * (wet + next);
    const inverse = wet > emptyWetness ? 1 / wet : 0;
    const storage = lanes[cell + CAPACITY]! * perHour;
    const loss = lanes[cell + LOSS]!;
    const perWet = loss * inverse;
    const taken = perWet * lanes[cell + PER_CAPACITY]! * hours;
    const follows = taken < 1 && wet > emptyWetness ? taken : 1;
    let own = storage + perWet * follows;
    let source = storage * wet - loss * (1 - follows);
    if (isFed) {
      own += lanes[cell + FED]!;
      source += lanes[cell + FED]! * restingWetness(column, fill, i);
    } else if (giftPerSupply > 0) source += lanes[cell + FED]! * giftPerSupply;
    const pivot = 1 / (own + below + above * (1 - previousSweep));
    previousResult = (source + above * previousResult) * pivot;
    previousSweep = below * pivot;
    lanes[cell + DOWN] = below * hours;
    lanes[cell + STEADY] = 1 - follows;
    lanes[cell + FOLLOWING] = follows * inverse;
    lanes[cell + RESULT] = previousResult;
    lanes[cell + SWEEP] = previousSweep;
    above = below;
    wet = next;
  }
}

/** The backward sweep: writes the new wetness and books what left each cell. */
function sweepUp(column: Column, state: ColumnState, hours: number): void {
  const { wetness, wentDownG, totals } = state;
  const { lanes } = state.scratch;
  let lower = 0;
  let lost = 0;
  let takenUp = 0;
  let rootZone = 0;
  for (let i = column.cellCount - 1, cell = i * LANES; i >= 0; i -= 1, cell -= LANES) {
    const next = lower;
    lower = lanes[cell + RESULT]! + lanes[cell + SWEEP]! * next;
    wetness[i] = lower;
    wentDownG[i] = wentDownG[i]! + lanes[cell + DOWN]! * (lower - next);
    const change = lanes[cell + STEADY]! + lanes[cell + FOLLOWING]! * lower;
    lost += lanes[cell + LOSS]! * change;
    takenUp += lanes[cell + UPTAKE]! * change;
    rootZone += lanes[cell + ROOT_CAPACITY]! * lower;
  }
  totals[EVAPORATED] = totals[EVAPORATED]! + (lost - takenUp) * hours;
  totals[TAKEN_UP] = totals[TAKEN_UP]! + takenUp * hours;
  totals[EVAPORATION_RATE] = lost - takenUp;
  totals[ROOT_ZONE] = rootZone;
}

/** What the solved step would draw from the reservoir, g; a little back into it where a cell was filled beyond its rest. */
function drawnG(column: Column, state: ColumnState, hours: number): number {
  const { lanes } = state.scratch;
  const fill = fillOf(column, state);
  let lower = 0;
  let drawn = 0;
  for (let i = column.cellCount - 1, cell = i * LANES; i >= 0; i -= 1, cell -= LANES) {
    lower = lanes[cell + RESULT]! + lanes[cell + SWEEP]! * lower;
    drawn += lanes[cell + FED]! * (restingWetness(column, fill, i) - lower);
  }
  return drawn * hours;
}

/** Feeds the step from the reservoir; where it holds less than is drawn, exactly what is left. */
function sweepDownFed(column: Column, state: ColumnState, hours: number): void {
  const leftG = state.totals[RESERVOIR]!;
  planFeeding(column, state);
  sweepDown(column, state, hours, true, 0);
  const wantedG = drawnG(column, state, hours);
  if (wantedG <= leftG) {
    state.totals[RESERVOIR] = leftG - wantedG;
    return;
  }
  let supplyTotalGH = 0;
  for (let i = 0; i < column.cellCount; i += 1) supplyTotalGH += state.scratch.lanes[i * LANES + FED]!;
  sweepDown(column, state, hours, false, leftG / hours / supplyTotalGH);
  state.totals[RESERVOIR] = 0;
  // What was under water dries from now on like the rest.
  state.lossesFor = null;
}

/** A wick over an empty outer pot dries; over a full one it draws itself wet again, slowly. */
function wetWick(state: ColumnState, hours: number): void {
  const { totals } = state;
  const isWet = totals[RESERVOIR]! > 0;
  const share = Math.min(1, hours / (isWet ? wickWetsHours : wickDriesHours));
  totals[WICK_WETNESS] = totals[WICK_WETNESS]! + ((isWet ? 1 : dryWickShare) - totals[WICK_WETNESS]!) * share;
}

function advance(column: Column, hour: HourClass, state: ColumnState, hours: number): void {
  const { totals } = state;
  if (totals[RESERVOIR]! > 0) sweepDownFed(column, state, hours);
  else sweepDown(column, state, hours, false, 0);
  sweepUp(column, state, hours);
  totals[SINCE_REFRESH] = totals[SINCE_REFRESH]! + hours;
}

/** The losses are worked out anew after some hours, sooner where much of the water has gone meanwhile. */
function isRefreshDue(totals: Float64Array, mostLost: number): boolean {
  const since = totals[SINCE_REFRESH]!;
  return since >= refreshHours || since * totals[LOSING]! >= mostLost * stepsPerRefresh * totals[ROOT_ZONE]!;
}

/**
 * Advances the column by `hours` (usually 1) in air of the given kind. Returns the root zone's water, with what stands in it, g.
 * mostLost: share of that water that one step inside may take; more for a quick guess.
 */
export function stepHour(
  column: Column,
  hour: HourClass,
  state: ColumnState,
  hours = 1,
  mostLost = mostPerStep,
): number {
  const { totals } = state;
  if (state.lossesFor !== hour || isRefreshDue(totals, mostLost)) refreshLosses(column, hour, state);
  // Little water in hard air goes within hours: shorter steps, so that the answer does not hang on them.
  const wanted = Math.ceil((hours * totals[LOSING]!) / (mostLost * totals[ROOT_ZONE]! + 1e-30));
  const steps = wanted <= 1 ? 1 : Math.min(wanted, Math.ceil(hours * mostStepsPerHour));
  const stepHours = hours / steps;
  for (let part = 0; part < steps; part += 1) {
    if (part > 0 && isRefreshDue(totals, mostLost)) refreshLosses(column, hour, state);
    advance(column, hour, state, stepHours);
  }
  if (column.wicks !== null) wetWick(state, hours);
  const warm = hour.temperatureC + hour.warmingK - hour.coolingKPerGH * totals[EVAPORATION_RATE]!;
  const way = hours === 1 ? hour.warmedPerHour : 1 - (1 - hour.warmedPerHour) ** hours;
  const before = rootZoneC(state);
  totals[ROOT_WARMTH] = before === null ? warm : before + (warm - before) * way;
  const standing = totals[RESERVOIR]! - column.belowRootsG;
  return standing > 0 ? totals[ROOT_ZONE]! + standing : totals[ROOT_ZONE]!;
}
