/**
 * Putting water in. How much of what a cell lacks goes in depends on how dry it is, on the medium and its age, on the
 * size of the pieces and on how long the water stays.
 *
 * A pour of no time puts in w = r·(W + (1-W)·m(θ)): r the share of the pieces it reaches (it runs past in fingers
 * between coarse ones), W how well the dry medium wets, and m(θ) = θ(1+c)/(θ+c) how much better it does when it is still
 * moist. Standing in water goes on from there: of what is still lacking exp(-t/τ) is left after t minutes, τ in
 * proportion to the size of the pieces. All from memory, but the measure: dry bark takes up 40-70 % of its capacity at
 * a first watering, and more at each later one (Fonteno, Fields & Jackson 2013, from memory).
 */
import { type Column, rootZoneWater } from './column';
import { k } from './constants';
import type { WayToWater } from './ways-to-water';
import { type ColumnState, RESERVOIR, ROOT_ZONE, sumRootZone, WICK_WETNESS } from './state';

/** Water as it is put on: how much at most, how long it stands, and what runs through beyond what is taken. */
export interface Watering {
  /** g; Infinity = until it runs. */
  readonly mostG: number;
  /** Minutes the pieces stand in or under water. */
  readonly minutes: number;
  /** Runs through beyond what is taken, as a share of what the pot can hold; where the amount is not limited. */
  readonly throughShare: number;
}

/** How a grower waters: the can, a bath of so many minutes, or a dripper. */
export function wateringOf(way: WayToWater, soakMinutes: number): Watering {
  switch (way) {
    case 'pour':
    // A hose runs until it runs through, like the can.
    case 'hose':
      return { mostG: Infinity, minutes: 0, throughShare: k.POURED_THROUGH_SHARE };
    case 'soak':
      return { mostG: Infinity, minutes: soakMinutes, throughShare: k.SOAKED_THROUGH_SHARE };
    case 'drip':
      return { mostG: Infinity, minutes: k.DRIP_MINUTES, throughShare: k.DRIPPED_THROUGH_SHARE };
  }
}

/** Rain of so many grams: it falls slowly enough to soak in as from a drip. */
export function rainOf(grams: number): Watering {
  return { mostG: grams, minutes: k.DRIP_MINUTES, throughShare: 0 };
}

/** One misting of so many grams: it wets what it meets. */
export function mistOf(grams: number): Watering {
  return { mostG: grams, minutes: 0, throughShare: 0 };
}

/** Share of what cell i lacks that goes in. */
export function wettedShare(column: Column, i: number, wetness: number, minutes: number): number {
  const dry = column.wettability[i]!;
  const moist = (wetness * (1 + k.MOIST_WETS_AT)) / (wetness + k.MOIST_WETS_AT);
  const atOnce = column.reached[i]! * (dry + (1 - dry) * moist);
  return 1 - (1 - atOnce) * Math.exp(-minutes * column.soakedPerMinute[i]!);
}

/**
 * Waters the column from above: each cell takes what goes in, the rest runs on to the next, into the reservoir, and
 * off. Returns what stayed in the pot, g; `scratch.tookG` and `ranOnG` tell it by cell.
 */
export function waterColumn(column: Column, state: ColumnState, watering: Watering): number {
  const { tookG, ranOnG } = state.scratch;
  let leftG = watering.mostG;
  let heldG = 0;
  let roomG = 0;
  for (let i = 0; i < column.cellCount; i += 1) {
    const capacityG = column.capacityG[i]!;
    const wet = state.wetness[i]!;
    const lackingG = Math.max(0, 1 - wet) * capacityG;
    const takenG = Math.min(leftG, lackingG * wettedShare(column, i, wet, watering.minutes));
    state.wetness[i] = wet + takenG / capacityG;
    tookG[i] = takenG;
    leftG -= takenG;
    heldG += takenG;
    roomG += capacityG;
    ranOnG[i] = leftG;
  }
  const toReservoirG = Math.max(0, Math.min(leftG, column.reservoirCapacityG - state.totals[RESERVOIR]!));
  if (leftG === Infinity) {
    const throughG = watering.throughShare * roomG + toReservoirG;
    let belowG = 0;
    for (let i = column.cellCount - 1; i >= 0; i -= 1) {
      ranOnG[i] = throughG + belowG;
      belowG += tookG[i]!;
    }
  }
  state.totals[RESERVOIR] = state.totals[RESERVOIR]! + toReservoirG;
  state.totals[ROOT_ZONE] = sumRootZone(column, state.wetness);
  if (leftG > 0) state.totals[WICK_WETNESS] = 1;
  state.lossesFor = null;
  return heldG + toReservoirG;
}

/**
 * Brings a full column to where it stands after a watering in its usual rhythm: dried to its watering line everywhere,
 * then watered once. So the days between waterings start from what a watering really puts in.
 */
export function waterFromDry(column: Column, state: ColumnState, availableShare: number, watering: Watering): void {
  const { availableG } = rootZoneWater(column);
  const pondedG = column.reservoirCapacityG - column.belowRootsG;
  // Standing water goes first. A line above what the medium alone holds leaves some of it.
  const heldShare = Math.min(1, (availableShare * availableG) / (availableG - pondedG));
  if (pondedG > 0) {
    state.totals[RESERVOIR] = column.belowRootsG + Math.max(0, availableShare * availableG - (availableG - pondedG));
  }
  for (let i = 0; i < column.cellCount; i += 1) {
    const tight = column.unavailableWetness[i]!;
    state.wetness[i] = tight + (1 - tight) * heldShare;
  }
  waterColumn(column, state, watering);
}
