/**
 * Wicks draw by suction. Water rises through them until the medium holds its own as hard as the wick must lift it:
 * a cell whose foot is z above the pot's base rests at the water it would hold over a water table lift + z below it.
 * The lift grows as the level in the outer pot sinks. A longer way carries less (Darcy), an old wick less, a dry one
 * hardly any until it is wetted again.
 */
import type { Hydraulics } from '../media';
import { capacityBetween } from '../media';
import { k } from './constants';

export interface WickRun {
  /** Height of the pot's base over the water, cm: outer pot full, and nearly empty. */
  readonly liftFullCm: number;
  readonly liftEmptyCm: number;
  /** Share of a new wick's flow that is left. */
  readonly freshness: number;
}

/** volumeL: of the outer pot's water; baseAreaCm2: of the inner pot; months: age of the wick (that of the medium). */
export function wickRunOf(volumeL: number, baseAreaCm2: number, months: number): WickRun {
  const depthCm = (volumeL * 1000) / (baseAreaCm2 * k.OUTER_POT_WIDER);
  return {
    liftFullCm: k.WICK_GAP_CM,
    liftEmptyCm: k.WICK_GAP_CM + depthCm,
    freshness: 1 - k.WICK_LOST_WITH_AGE * Math.min(1, months / k.WICK_OLD_MONTHS),
  };
}

/** Flow through the wick against that at the lift its supply is stated for. fill: 0 empty to 1 full. */
export function wickFlowShare(wicks: WickRun, fill: number): number {
  const liftCm = wicks.liftEmptyCm + (wicks.liftFullCm - wicks.liftEmptyCm) * fill;
  return (wicks.freshness * (k.WICK_STATED_LIFT_CM + k.WICK_WAY_CM)) / (liftCm + k.WICK_WAY_CM);
}

/** Water that a slice rests at over water `liftCm` below the pot's base, v/v. */
export function restingCapacity(medium: Hydraulics, fromCm: number, toCm: number, liftCm: number): number {
  return capacityBetween(medium, fromCm + liftCm, toCm + liftCm);
}
