/**
 * The wet foot: how high above its drained base a medium keeps its passages nearly full. Crocking
 * does not lower it (a fine medium holds the same fringe above a coarse layer as above any base:
 * capillary break; Hillel, Introduction to Environmental Soil Physics); it takes the place of
 * medium that would have been wet. Both are computed here, because growers argue about it.
 */
import { hydraulicsOfLayer, layerBounds, type PottedSetup } from '../drydown';
import { capillaryShare, type Hydraulics } from '../media';
import { volumeBetweenL } from '../pots';

/** Passages count as nearly full with less air than this, v/v (nursery practice, from memory: 10 %). */
export const AIRLESS_BELOW = 0.1;
const STEP_CM = 0.05;

/** Height above the drained base up to which a medium holds less air than that, cm. */
export function wetFootHeightCm(medium: Hydraulics, mostCm: number): number {
  let heightCm = 0;
  while (heightCm < mostCm) {
    const water =
      medium.innerWater + medium.interPorosity * capillaryShare(medium.airEntryHeadCm, medium.poreIndex, heightCm);
    if (medium.totalPorosity - water >= AIRLESS_BELOW) break;
    heightCm += STEP_CM;
  }
  return Math.min(heightCm, mostCm);
}

export interface WetFoot {
  readonly heightCm: number;
  readonly volumeL: number;
}

export interface WetFootComparison {
  readonly withCrocking: WetFoot;
  /** The same pot filled with the main medium to the same surface. */
  readonly withoutCrocking: WetFoot;
  readonly crockingHeightCm: number;
}

/** The wet foot of the main layer as it lies, and as it would lie without crocking. */
export function compareWetFoot(setup: PottedSetup): WetFootComparison {
  const bounds = layerBounds(setup.layers);
  const index = setup.layers.findIndex((layer) => layer.role === 'main');
  const main = setup.layers[index]!;
  const { fromCm, toCm } = bounds[index]!;
  const medium = hydraulicsOfLayer(main);
  const footAt = (baseCm: number): WetFoot => {
    const heightCm = wetFootHeightCm(medium, toCm - baseCm);
    return { heightCm, volumeL: volumeBetweenL(setup.pot, baseCm, baseCm + heightCm) };
  };
  return { withCrocking: footAt(fromCm), withoutCrocking: footAt(0), crockingHeightCm: fromCm };
}
