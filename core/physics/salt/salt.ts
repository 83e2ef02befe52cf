/**
 * Salts in the pot's water, cell by cell. What evaporates leaves its salts behind, what the roots drink takes a
 * little along, water that rises carries them to the surface, and water that runs through carries them out.
 *
 * Amounts are conductivity times water, dS/m × g: conductivity goes with what is dissolved (FAO Irrigation and Drainage
 * Paper 29: 1 dS/m is about 0.64 g/L). Salts move with the water between cells once a day, by an implicit upwind step:
 * nothing is lost in it and nothing falls below zero.
 */
import { type Column, type ColumnState, reservoirG } from '../drydown';
import { k } from './constants';
import { diffusedG, exchange, type Exchange, exchangeOf, type Neighbours, neighboursOf } from './spreading';

/** Mutable: it is stepped through a year. */
export interface Salt {
  /** Of each cell, dS/m × g. */
  readonly cells: Float64Array;
  reservoir: number;
  /** What has left at the base and into the plant since the beginning, dS/m × g. */
  drained: number;
  drunk: number;
  /** Water that has left at the base since the beginning, g. */
  drainedG: number;
  readonly release: number;
  readonly neighbours: Neighbours;
  readonly exchange: Exchange;
}

/** A pot newly watered with water of one conductivity. */
export function freshSalt(column: Column, state: ColumnState, waterDsM: number): Salt {
  const cells = () => new Float64Array(column.cellCount);
  const salt: Salt = {
    cells: cells(),
    reservoir: reservoirG(state) * waterDsM,
    drained: 0,
    drunk: 0,
    drainedG: 0,
    release: releaseOf(column),
    neighbours: neighboursOf(column),
    exchange: exchangeOf(column.cellCount),
  };
  for (let i = 0; i < column.cellCount; i += 1) salt.cells[i] = state.wetness[i]! * column.capacityG[i]! * waterDsM;
  return salt;
}

/**
 * Salts of a watering just given (`waterColumn` has told what each cell took and what ran on). Of what runs through, the
 * share that the media let their salts go to pushes on what they hold; the rest runs past and leaves as it came. It comes
 * in portions, so that the pushing and the spreading of salts go on together.
 */
export function saltWatering(
  column: Column,
  state: ColumnState,
  salt: Salt,
  waterDsM: number,
  toReservoirG: number,
): void {
  const { release } = salt;
  let slowDsM = 0;
  for (let portion = 0; portion < k.PORTIONS; portion += 1)
    slowDsM += pushOn(column, state, salt, waterDsM) / k.PORTIONS;
  const leavingDsM = release * slowDsM + (1 - release) * waterDsM;
  const leavingG = state.scratch.ranOnG[column.cellCount - 1]!;
  const intoReservoirG = Math.min(toReservoirG, leavingG);
  salt.reservoir += intoReservoirG * leavingDsM;
  const drainedG = leavingG - intoReservoirG;
  salt.drained += drainedG * leavingDsM;
  salt.drainedG += drainedG;
}

/**
 * One portion, from cell to cell: c → c_in + (c - c_in)·exp(-through/water). Cells thinner than the spread of a flow in such
 * a bed are mixed by it. Returns the conductivity of what leaves of the slow water, dS/m.
 */
function pushOn(column: Column, state: ColumnState, salt: Salt, waterDsM: number): number {
  const { tookG, ranOnG } = state.scratch;
  const { release, neighbours } = salt;
  const { waterG: inCellsG, downG, upG } = salt.exchange;
  let slowDsM = waterDsM;
  for (let i = 0; i < column.cellCount; i += 1) {
    const waterG = state.wetness[i]! * column.capacityG[i]!;
    const slowG = (ranOnG[i]! * release) / k.PORTIONS;
    inCellsG[i] = Math.max(waterG, DRY_G);
    downG[i] = upG[i] = slowG * neighbours.spread[i]!;
    const held = salt.cells[i]! + (tookG[i]! / k.PORTIONS) * (release * slowDsM + (1 - release) * waterDsM);
    if (waterG <= 0 || slowG <= 0) {
      salt.cells[i] = held;
      continue;
    }
    const left = slowDsM + (held / waterG - slowDsM) * Math.exp(-slowG / waterG);
    salt.cells[i] = left * waterG;
    slowDsM += (held - salt.cells[i]!) / slowG;
  }
  exchange(salt.cells, salt.exchange);
  return slowDsM;
}

/** Share of the water running through that pushes on what the media hold, over the whole pot. */
export function releaseOf(column: Column): number {
  let [sum, heldG] = [0, 0];
  for (let i = 0; i < column.cellCount; i += 1) {
    sum += column.saltRelease[i]! * column.capacityG[i]!;
    heldG += column.capacityG[i]!;
  }
  return sum / heldG;
}

/** Moves salts with the water that capillarity moved since they were last, from the reservoir into the cells it fed, and into the plant. */
export function moveSalt(column: Column, state: ColumnState, salt: Salt, drawnG: number, drunkG: number): void {
  const n = column.cellCount;
  const { wentDownG } = state;
  const { neighbours } = salt;
  const { waterG, downG, upG } = salt.exchange;
  if (drawnG > 0) feedSalt(column, salt, drawnG, reservoirG(state));
  for (let i = 0; i < n; i += 1) {
    const wentG = i < n - 1 ? wentDownG[i]! : 0;
    const wetG = state.wetness[i]! * column.capacityG[i]!;
    waterG[i] = Math.max(wetG, column.unavailableG[i]! * LEAST_WATER_SHARE + 1e-9);
    const diffused = i < n - 1 ? diffusedG(column, state, neighbours, i) : 0;
    const spreadG = Math.abs(wentG) * neighbours.spread[i]! + diffused;
    downG[i] = Math.max(0, wentG) + spreadG;
    upG[i] = Math.max(0, -wentG) + spreadG;
    wentDownG[i] = 0;
  }
  exchange(salt.cells, salt.exchange);
  drink(column, state, salt, drunkG);
}

/** Roots drink where there is water for them. */
function drink(column: Column, state: ColumnState, salt: Salt, drunkG: number): void {
  const { rootShare, unavailableWetness } = column;
  const offered = (i: number) => rootShare[i]! * Math.max(0, state.wetness[i]! - unavailableWetness[i]!);
  let total = 0;
  for (let i = 0; i < column.cellCount; i += 1) total += offered(i);
  if (total <= 0) return;
  for (let i = 0; i < column.cellCount; i += 1) {
    const cellG = salt.exchange.waterG[i]!;
    const drunk = Math.min(salt.cells[i]! / cellG, k.DRUNK_DS_M) * Math.min(cellG, (drunkG * offered(i)) / total);
    salt.cells[i] = salt.cells[i]! - drunk;
    salt.drunk += drunk;
  }
}

/** A cell without water still keeps what is in it. */
const DRY_G = 1e-9;

/** A cell that is all but dry keeps its salts: they count as in so much of its tight water. */
const LEAST_WATER_SHARE = 0.05;

function feedSalt(column: Column, salt: Salt, drawnG: number, leftG: number): void {
  let supply = 0;
  for (let i = 0; i < column.cellCount; i += 1) supply += column.supplyGH[i]!;
  if (supply <= 0) return;
  const carried = (salt.reservoir * drawnG) / (drawnG + leftG);
  for (let i = 0; i < column.cellCount; i += 1) {
    salt.cells[i] = salt.cells[i]! + (carried * column.supplyGH[i]!) / supply;
  }
  salt.reservoir -= carried;
}

/** Conductivity of the water about the roots, dS/m: as it is now, what has dried away having left its salts. */
export function rootWaterDsM(column: Column, state: ColumnState, salt: Salt): number {
  let held = 0;
  let waterG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    held += salt.cells[i]!;
    waterG += Math.max(
      state.wetness[i]! * column.capacityG[i]!,
      column.unavailableG[i]!,
      LEAST_WETNESS * column.capacityG[i]!,
    );
  }
  return held / waterG;
}

/** Salts of the root zone as if it held all it can, dS/m: what a grower's pen reads in what drains. */
export function wateredRootDsM(column: Column, salt: Salt): number {
  let [held, waterG] = [0, 0];
  for (let i = 0; i < column.cellCount; i += 1) {
    if (!column.isRootZone[i]) continue;
    held += salt.cells[i]!;
    waterG += column.capacityG[i]!;
  }
  return held / waterG;
}

/** Salts as if the layer held all it can, dS/m: what a grower would measure right after watering. */
export function layerDsM(column: Column, salt: Salt, layerIndex: number): number {
  let held = 0;
  let waterG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    if (column.layerIndex[i] !== layerIndex) continue;
    held += salt.cells[i]!;
    waterG += column.capacityG[i]!;
  }
  return waterG > 0 ? held / waterG : 0;
}

/** Under this wetness water is no longer what roots touch, and a pen would find none to measure. */
const LEAST_WETNESS = 0.5;

/** Salts left at the surface, g/m²: those of the topmost millimetres. */
export function crustGM2(column: Column, salt: Salt): number {
  let [held, leftCm] = [0, k.CRUST_DEPTH_CM];
  for (let i = 0; i < column.cellCount && leftCm > 0; i += 1) {
    const heightCm = column.thicknessCm[i]!;
    held += salt.cells[i]! * Math.min(1, leftCm / heightCm);
    leftCm -= heightCm;
  }
  return (held * k.G_PER_L_DS_M) / 1000 / column.topAreaM2;
}

/** All salts in pot and reservoir, dS/m × g. */
export function totalSalt(salt: Salt): number {
  let sum = salt.reservoir;
  for (const cell of salt.cells) sum += cell;
  return sum;
}
