/** Heat and cold against the genus's range: leaves feel the air, roots the pot. */
import { k } from './constants';
import type { Warmth } from './needs';

/** What the plant as a whole feels, °C. */
export function feltC(airC: number, rootZoneC: number): number {
  return airC + k.ROOTS_FEEL_SHARE * (rootZoneC - airC);
}

/** 0 while it suits, 1 where harm begins, beyond that more. lightShare: 1 by day, 0 at night. */
export function heat(warmth: Warmth, felt: number, lightShare: number): number {
  const warm = warmth.nightWarm + (warmth.dayWarm - warmth.nightWarm) * lightShare;
  const hot = warmth.nightHot + (warmth.dayHot - warmth.nightHot) * lightShare;
  return Math.max(0, (felt - warm) / (hot - warm));
}

export function cold(warmth: Warmth, felt: number): number {
  return Math.max(0, (warmth.cool - felt) / (warmth.cool - warmth.cold));
}
