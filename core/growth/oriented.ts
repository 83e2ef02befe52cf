/** The same way of standing, turned as one would draw it: growth to the right, several plants from left to right. */
import type { PotShape } from '../physics/pots';
import { k } from './constants';
import { leadingHeadingDeg, type MappedPlant, RAD, type PlantPlacement, turnedTogether } from './map';

const QUARTER_DEG = 90;

/** A square pot looks the same after every quarter turn only, a round one after any. */
export function oriented(
  plants: readonly MappedPlant[],
  stands: readonly PlantPlacement[],
  shape: PotShape,
): readonly PlantPlacement[] {
  const first = stands[0]!;
  const fromDeg =
    plants.length > 1 ? Math.atan2(first.yCm, first.xCm) / RAD - 180 : leadingHeadingDeg(plants[0]!) + first.turnDeg;
  // A diagonal is drawn upwards to the right.
  const byDeg = shape === 'round' ? -fromDeg : -QUARTER_DEG * Math.floor((fromDeg + k.UPWARDS_FROM_DEG) / QUARTER_DEG);
  return turnedTogether(stands, byDeg);
}
