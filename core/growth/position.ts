/** In growers' words: what a way of standing amounts to. */
import type { PotShape } from '../physics/pots';
import { k } from './constants';
import { FULL_TURN_DEG, headsOneWay, leadingHeadingDeg, type MappedPlant, RAD, type PlantPlacement } from './map';
import { halfOf } from './room';

export type PlacementKind =
  'centre' | 'back to the wall' | 'behind the middle' | 'on the diagonal' | 'backs together' | 'side by side';

/** By how much two directions differ, 0..180°. */
function apartDeg(a: number, b: number): number {
  const apart = Math.abs(a - b) % FULL_TURN_DEG;
  return Math.min(apart, FULL_TURN_DEG - apart);
}

const headingDeg = (plant: MappedPlant, stand: PlantPlacement): number => leadingHeadingDeg(plant) + stand.turnDeg;

/** True where every plant grows away from the others. */
function growApart(plants: readonly MappedPlant[], stands: readonly PlantPlacement[]): boolean {
  return plants.every((plant, own) => {
    const heading = headingDeg(plant, stands[own]!);
    return plants.every(
      (other, index) => index === own || apartDeg(heading, headingDeg(other, stands[index]!)) >= k.APART_FROM_DEG,
    );
  });
}

/** plants: about their own balls' middles. */
export function placementKind(
  plants: readonly MappedPlant[],
  stands: readonly PlantPlacement[],
  shape: PotShape,
  widthCm: number,
): PlacementKind {
  if (plants.length > 1) return growApart(plants, stands) ? 'backs together' : 'side by side';
  const [plant, stand] = [plants[0]!, stands[0]!];
  const offCm = Math.hypot(stand.xCm, stand.yCm);
  const roomCm = widthCm / 2 - plant.ball.diameterCm / 2 - k.BALL_MARGIN_CM;
  // A ball that fills the pot stands in the middle and at the wall alike: then its growth says which.
  const fillsIt = roomCm < k.OFF_CENTRE_FROM_CM;
  if (fillsIt && headsOneWay(plant)) return 'back to the wall';
  if (fillsIt || offCm < k.OFF_CENTRE_FROM_CM) return 'centre';
  const backDeg = Math.atan2(stand.yCm, stand.xCm) / RAD;
  const isDiagonal = shape === 'square' && apartDeg(backDeg * 4, 180) < 4 * k.DIAGONAL_WITHIN_DEG;
  if (isDiagonal && apartDeg(backDeg, headingDeg(plant, stand)) > k.BEHIND_FROM_DEG) return 'on the diagonal';
  return halfOf[shape](stand.xCm, stand.yCm) >= k.AT_WALL_FROM_SHARE * roomCm
    ? 'back to the wall'
    : 'behind the middle';
}
