/**
 * Will the wind blow it over? The push of the air on leaves and pot turns it about the edge of its base; its weight turns it back. Statics: at
 * the speed where ½ ρ v² (c A h of leaves + c A h of the pot's side) = m g × half the base.
 */
import { k } from './constants';
import type { Pot } from './pot';

/** What stands in the wind above the pot: frontal area of the leaves, and the height of its middle above the base. */
export interface Sail {
  readonly areaCm2: number;
  readonly heightCm: number;
}

const CM_PER_M = 100;
const CM2_PER_M2 = 1e4;

/** Speed of a gust that just blows the filled pot over, m/s. weightG: of all of it. */
export function tippingWindMS(pot: Pot, weightG: number, sail: Sail): number {
  const sideCm2 = ((pot.rimDiameterCm + pot.baseDiameterCm) / 2) * pot.heightCm;
  const pushed =
    k.LEAF_DRAG * (sail.areaCm2 / CM2_PER_M2) * (sail.heightCm / CM_PER_M) +
    k.POT_DRAG * (sideCm2 / CM2_PER_M2) * (pot.heightCm / 2 / CM_PER_M);
  const holdsNm = (weightG / 1000) * k.GRAVITY_MS2 * (pot.baseDiameterCm / 2 / CM_PER_M);
  return Math.sqrt(holdsNm / (0.5 * k.AIR_KG_M3 * pushed));
}

/** Weight at the foot that lets it stand in a gust, g: what holds grows with weight, what pushes with the square of the speed. */
export function stonesAgainstG(weightG: number, tipsAtMS: number, gustMS: number): number {
  return Math.max(0, weightG * ((gustMS / tipsAtMS) ** 2 - 1));
}
