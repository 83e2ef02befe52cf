/**
 * The wet foot: how high above its drained base a medium keeps its passages nearly full. Crocking
 * does not lower it (a fine medium holds the same fringe above a coarse layer as above any base:
 * capillary break; Hillel, Introduction to Environmental Soil Physics); it takes the place of
 * medium that would have been wet. Both are computed here, because growers argue about it.
 */
import { hydraulicsOfLayer, layerBounds, type PottedSetup } from '../physics/drydown';
import type { Hydraulics } from '../physics/media';
import { volumeBetweenL } from '../physics/pots';
import { k } from './constants';

/**
 * Height above the drained base up to which the passages stay full, cm, at most `mostCm`: where the
 * Brooks-Corey share (h_e/h)^λ falls to FULL_ABOVE.
 */
export function perchedWaterHeightCm(medium: Hydraulics, mostCm: number): number {
  return Math.min(mostCm, medium.airEntryHeadCm * k.FULL_ABOVE ** (-1 / medium.poreSizeIndex));
}

export interface PerchedWater {
  readonly heightCm: number;
  readonly volumeL: number;
}

export interface PerchedWaterComparison {
  readonly withCrocking: PerchedWater;
  /** The same pot filled with the main medium to the same surface. */
  readonly withoutCrocking: PerchedWater;
  readonly crockingHeightCm: number;
}

/** The wet foot of the main layer as it lies, and as it would lie without crocking. */
export function comparePerchedWater(setup: PottedSetup): PerchedWaterComparison {
  const bounds = layerBounds(setup.layers);
  const index = setup.layers.findIndex((layer) => layer.role === 'main');
  const main = setup.layers[index]!;
  const { fromCm, toCm } = bounds[index]!;
  const medium = hydraulicsOfLayer(main);
  const footAt = (baseCm: number): PerchedWater => {
    const heightCm = perchedWaterHeightCm(medium, toCm - baseCm);
    return { heightCm, volumeL: volumeBetweenL(setup.pot, baseCm, baseCm + heightCm) };
  };
  return { withCrocking: footAt(fromCm), withoutCrocking: footAt(0), crockingHeightCm: fromCm };
}
