/**
 * Drought. Leaves go on giving off water when the roots find none: it comes out of bulbs, stems and leaves, until
 * those are drawn down. Stressed leaves close, so the reserve lasts longer than its size alone; what was drawn is drunk
 * back when there is water again. Apart from that, roots themselves die when they lie dry for long, soonest those
 * of plants that want it evenly moist, and roots grown in water.
 */
import { k } from './constants';
import type { RootNeeds } from './needs';

/** Share of the ordinary demand that leaves still give off. reserve: 1 full, 0 empty. */
export function openShare(reserve: number): number {
  return k.CLOSED_LEAVES_SHARE + (1 - k.CLOSED_LEAVES_SHARE) * reserve * reserve;
}

/** Water that roots would take up to fill the reserve again, g/h. */
export function refillGH(reserve: number, reserveG: number): number {
  return ((1 - reserve) * reserveG) / k.REFILL_HOURS;
}

/** How far the reserve is drawn down: 1 = as far as it may be. */
export function drawnDown(reserve: number): number {
  return (1 - reserve) / k.DRAWN_DOWN_SHARE;
}

/** Dryness under the watering line, 0 to 1 in ordinary air and more in drier: a dry root in damp air keeps. */
export function drierThanAsked(needs: RootNeeds, availableShare: number, deficitKPa: number): number {
  const line = needs.regime.waterAtShare;
  if (line <= 0) return 0;
  const dry = Math.min(1, Math.max(0, (line - availableShare) / line));
  return dry * (deficitKPa / k.ORDINARY_DEFICIT_KPA);
}

/** Burden of roots that lie dry: mean dryness over the days in which it tells. */
export function parching(needs: RootNeeds, meanDryness: number): number {
  return meanDryness * needs.regime.dryMinded * (needs.takesToWater ? k.WATER_ROOTS_PARCH : 1);
}
