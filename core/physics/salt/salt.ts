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
  /** Of the tridiagonal solver. */
  readonly sweep: Float64Array;
  readonly result: Float64Array;
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
    sweep: cells(),
    result: cells(),
  };
  for (let i = 0; i < column.cellCount; i += 1) salt.cells[i] = state.wetness[i]! * column.capacityG[i]! * waterDsM;
  return salt;
}

/**
 * Salts of a watering just given (`waterColumn` has told what each cell took and what ran on). Of what runs through, the
 * share that the media let their salts go to pushes on what they hold, cell by cell: c → c_in + (c - c_in)·exp(-through/water);
 * the rest runs past and leaves as it came.
 */
export function saltWatering(
  column: Column,
  state: ColumnState,
  salt: Salt,
  waterDsM: number,
  toReservoirG: number,
): void {
  const { tookG, ranOnG } = state.scratch;
  const { release } = salt;
  let slowDsM = waterDsM;
  for (let i = 0; i < column.cellCount; i += 1) {
    const waterG = state.wetness[i]! * column.capacityG[i]!;
    const slowG = ranOnG[i]! * release;
    const held = salt.cells[i]! + tookG[i]! * (release * slowDsM + (1 - release) * waterDsM);
    if (waterG <= 0 || slowG <= 0) {
      salt.cells[i] = held;
      continue;
    }
    const left = slowDsM + (held / waterG - slowDsM) * Math.exp(-slowG / waterG);
    salt.cells[i] = left * waterG;
    slowDsM += (held - salt.cells[i]!) / slowG;
  }
  const leavingDsM = release * slowDsM + (1 - release) * waterDsM;
  const leavingG = ranOnG[column.cellCount - 1]!;
  const intoReservoirG = Math.min(toReservoirG, leavingG);
  salt.reservoir += intoReservoirG * leavingDsM;
  const drainedG = leavingG - intoReservoirG;
  salt.drained += drainedG * leavingDsM;
  salt.drainedG += drainedG;
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
  if (drawnG > 0) feedSalt(column, salt, drawnG, reservoirG(state));
  // Per cell: salt = water × conductivity; upwind, so what goes carries the conductivity it comes from.
  let above = 0;
  let previousSweep = 0;
  let previousResult = 0;
  for (let i = 0; i < n; i += 1) {
    const waterG = Math.max(
      state.wetness[i]! * column.capacityG[i]!,
      column.unavailableG[i]! * LEAST_WATER_SHARE + 1e-9,
    );
    const down = i < n - 1 ? wentDownG[i]! : 0;
    const up = i > 0 ? Math.max(0, -wentDownG[i - 1]!) : 0;
    const own = waterG + Math.max(0, down) + up;
    const fromBelow = Math.max(0, -down);
    const pivot = 1 / (own - above * previousSweep);
    previousResult = (salt.cells[i]! + above * previousResult) * pivot;
    previousSweep = fromBelow * pivot;
    salt.result[i] = previousResult;
    salt.sweep[i] = previousSweep;
    above = Math.max(0, down);
  }
  let lower = 0;
  for (let i = n - 1; i >= 0; i -= 1) {
    lower = salt.result[i]! + salt.sweep[i]! * lower;
    const waterG = Math.max(
      state.wetness[i]! * column.capacityG[i]!,
      column.unavailableG[i]! * LEAST_WATER_SHARE + 1e-9,
    );
    const drunk = Math.min(lower, k.DRUNK_DS_M) * Math.min(waterG, drunkG * column.rootShare[i]!);
    salt.cells[i] = lower * waterG - drunk;
    salt.drunk += drunk;
    wentDownG[i] = 0;
  }
}

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

/** Salts left at the surface, g/m². */
export function crustGM2(column: Column, salt: Salt): number {
  return (salt.cells[0]! * k.G_PER_L_DS_M) / 1000 / column.topAreaM2;
}

/** All salts in pot and reservoir, dS/m × g. */
export function totalSalt(salt: Salt): number {
  let sum = salt.reservoir;
  for (const cell of salt.cells) sum += cell;
  return sum;
}
