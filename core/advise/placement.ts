/** Where in the pot the plant goes, and how deep. */
import type { PlantInHand } from '../case';
import { type DepthRule, runsOneWay } from '../catalogue/genera';
import type { Pot } from '../physics/pots';

export type Position = 'back to the wall' | 'centre' | 'on the diagonal' | 'on the mount';

export interface Placement {
  readonly position: Position;
  /** Distance of the oldest growth from the middle of the pot, cm (0 = centre). */
  readonly offsetCm: number;
  readonly depth: DepthRule;
  /** Height of the base of the growth above (+) or below (-) the surface, cm. */
  readonly baseAboveSurfaceCm: number;
  /** Set deeper because the air is dry, cm. */
  readonly deeperForDryAirCm: number;
}

/** Base of the growth against the surface, cm: common practice, no source. */
const baseHeightCm: Readonly<Record<DepthRule, number>> = {
  'on the surface': 0.3,
  'base just tucked in': -0.5,
  'all roots covered': -1,
  'bulb 4 cm under': -4,
};

/** Below this humidity fussy roots go a pebble or two deeper (common practice; the figure from memory). */
export const DRY_AIR_PCT = 45;

/**
 * Oldest bulbs against the wall when growth runs one way, on the diagonal in a square pot; in the
 * middle for a single stem, a clump or growth that rambles (common practice).
 */
export function place(plant: PlantInHand, pot: Pot | null, meanHumidityPct: number, pieceMm: number): Placement {
  const depth = plant.genus.depth;
  const isFussyInDryAir =
    meanHumidityPct < DRY_AIR_PCT && plant.genus.rootHardiness === 'fussy' && depth !== 'bulb 4 cm under';
  const deeperForDryAirCm = isFussyInDryAir ? Math.round((1.5 * pieceMm) / 5) / 2 : 0;
  const baseAboveSurfaceCm = baseHeightCm[depth] - deeperForDryAirCm;
  if (!pot) return { position: 'on the mount', offsetCm: 0, depth, baseAboveSurfaceCm: 0, deeperForDryAirCm: 0 };
  if (!runsOneWay(plant.habit)) {
    return { position: 'centre', offsetCm: 0, depth, baseAboveSurfaceCm, deeperForDryAirCm };
  }
  const roomCm = Math.max(0, (pot.rimDiameterCm - plant.rootBallDiameterCm) / 2);
  const isSquare = pot.shape === 'square';
  return {
    position: isSquare ? 'on the diagonal' : 'back to the wall',
    offsetCm: isSquare ? roomCm * 1.2 : roomCm,
    depth,
    baseAboveSurfaceCm,
    deeperForDryAirCm,
  };
}
