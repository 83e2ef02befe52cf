/** The same way of standing, turned as one would draw it: growth to the right, several plants from left to right. */
import type { PotShape } from '../physics/pots';
import { leadingHeadingDeg, type MappedPlant, RAD, type Stand } from './map';

/** All plants turned about the middle of the pot. */
function turned(stands: readonly Stand[], byDeg: number): readonly Stand[] {
  const [cos, sin] = [Math.cos(byDeg * RAD), Math.sin(byDeg * RAD)];
  return stands.map(({ xCm, yCm, turnDeg }) => ({
    xCm: xCm * cos - yCm * sin,
    yCm: xCm * sin + yCm * cos,
    turnDeg: turnDeg + byDeg,
  }));
}

/** A square pot looks the same after every quarter turn only, a round one after any. */
export function oriented(plants: readonly MappedPlant[], stands: readonly Stand[], shape: PotShape): readonly Stand[] {
  const first = stands[0]!;
  const fromDeg =
    plants.length > 1 ? Math.atan2(first.yCm, first.xCm) / RAD - 180 : leadingHeadingDeg(plants[0]!) + first.turnDeg;
  // A diagonal is drawn upwards to the right.
  const byDeg = shape === 'round' ? -fromDeg : -90 * Math.floor((fromDeg + 22.5) / 90);
  return turned(stands, byDeg);
}
