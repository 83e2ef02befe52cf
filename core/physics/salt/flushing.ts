/**
 * How much water a flush takes. Leaching of saline soils goes by C/C₀ = K / (V/V_pot), V the water run through a volume
 * V_pot of soil, K = 0.1 for sand or water given in portions and 0.3 for heavy soil (Hoffman 1980; FAO Irrigation and
 * Drainage Paper 29, fig. 5; from memory). Here K goes from the one to the other with how hard the media hold their salts.
 */
import { k } from './constants';

/**
 * Litres to bring the water about the roots from one conductivity to another; null where the water is too salty.
 * release: share of the water running through that pushes on what the media hold, 0 to 1.
 */
export function flushL(
  nowDsM: number,
  wantedDsM: number,
  flushWaterDsM: number,
  potL: number,
  release: number,
): number | null {
  if (nowDsM <= wantedDsM) return 0;
  if (flushWaterDsM >= wantedDsM) return null;
  const factor = k.LEACHING_LIGHT + (k.LEACHING_HEAVY - k.LEACHING_LIGHT) * (1 - release);
  return (factor * potL * (nowDsM - flushWaterDsM)) / (wantedDsM - flushWaterDsM);
}

/**
 * Leaching fraction that keeps what drains at a conductivity: EC_drainage = EC_water / LF
 * (FAO Irrigation and Drainage Paper 29, eq. 1).
 */
export function leachingFraction(waterDsM: number, drainageDsM: number): number {
  return waterDsM / drainageDsM;
}

export const FLUSH_FROM_SHARE = k.FLUSH_FROM_SHARE;
export const FLUSH_THROUGH_SHARE = k.FLUSH_THROUGH_SHARE;
export const FLUSH_TO_SHARE = k.FLUSH_TO_SHARE;
export const FLUSH_WATER_DS_M = k.FLUSH_WATER_DS_M;
export const CRUST_G_M2 = k.CRUST_G_M2;
