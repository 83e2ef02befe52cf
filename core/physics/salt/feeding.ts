/** What is dissolved in the water a grower gives: the water's own salts, and feed. Conductivities in dS/m (= mS/cm). */
import { k } from './constants';

export interface Feeding {
  /** Of the plain water. */
  readonly waterDsM: number;
  /** Of the water with feed in it. */
  readonly feedDsM: number;
  /** The first watering after so many days carries feed; null = none. */
  readonly everyDays: number | null;
}

/**
 * What growers do where nothing is said. isSensitive: a genus that bears little salt; isMisted: what never runs through
 * is given pure water, or it crusts within weeks.
 */
export function usualFeeding(isSensitive: boolean, isMisted = false): Feeding {
  const added = k.FEED_ABOVE_WATER_DS_M * (isSensitive ? k.FEED_SHARE_SENSITIVE : 1);
  const waterDsM = isMisted ? k.MISTED_WATER_DS_M : k.TAP_WATER_DS_M;
  return { waterDsM, feedDsM: waterDsM + added, everyDays: k.FEED_EVERY_DAYS };
}

/** Does a watering so many days after the last feed carry feed again? */
export function isFed(feeding: Feeding, daysSinceFeed: number): boolean {
  return feeding.everyDays !== null && daysSinceFeed >= feeding.everyDays;
}

export const RAIN_DS_M = k.RAIN_DS_M;
