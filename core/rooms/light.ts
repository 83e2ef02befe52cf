/** Light on the top of the pot: through a window, under a roof, in the open, or from lamps. */
import { SECONDS_PER_HOUR } from '../base';
import {
  daylightHours,
  firstDayOfMonth,
  kindTraits,
  type LampStrength,
  type RoomDescription,
  type Shade,
} from '../physics/places';
import { k } from './constants';
import type { OutsideMonth } from './outside';
import { sunOnWallMJ } from './sun-on-a-wall';

export interface Light {
  readonly lightHours: number;
  readonly lightWattsPerM2: number;
}

const shadeShares: Readonly<Record<Shade, number>> = { open: 1, partly: k.PARTLY_SHADED, much: k.MUCH_SHADED };
const lamps: Readonly<Record<LampStrength, number>> = {
  weak: k.LAMP_WEAK_W_M2,
  middling: k.LAMP_MIDDLE_W_M2,
  strong: k.LAMP_STRONG_W_M2,
};
const J_PER_MJ = 1e6;
const MIDDLE_DAY = 15;

/** What reaches the plant of the sun of a month's day, MJ/m². */
function reachingMJ(room: RoomDescription, outside: OutsideMonth, monthIndex: number): number {
  const before = shadeShares[room.shade] * (room.hasCurtain ? k.CURTAIN : 1);
  const onWall = () =>
    sunOnWallMJ(
      { ...outside, latitudeDeg: room.town.latitudeDeg, dayOfYear: firstDayOfMonth(monthIndex + 1) + MIDDLE_DAY },
      room.aspect,
    );
  switch (room.kind) {
    case 'garden':
      return outside.sunMJ * before;
    case 'glasshouse':
      return outside.sunMJ * k.GLASSHOUSE_LETS_THROUGH * before * (room.hasCurtain ? 1 : k.GLASSHOUSE_SHADED);
    case 'balcony':
      return onWall() * before;
    case 'veranda':
      return onWall() * before * k.ROOF_LEAVES;
    case 'room':
    case 'cellar':
      return onWall() * k.PANE_LETS_THROUGH * before * k.AWAY_FROM_WINDOW;
    default:
      return onWall() * k.PANE_LETS_THROUGH * before;
  }
}

export function lightOf(room: RoomDescription, outside: OutsideMonth, monthIndex: number): Light {
  if (kindTraits[room.kind].hasLamps) {
    return { lightHours: room.lampHours, lightWattsPerM2: lamps[room.lampStrength] };
  }
  const hours = daylightHours(room.town.latitudeDeg, room.town.longitudeDeg ?? 0, monthIndex);
  if (hours <= 0) return { lightHours: 0, lightWattsPerM2: 0 };
  const watts = (reachingMJ(room, outside, monthIndex) * J_PER_MJ) / (hours * SECONDS_PER_HOUR);
  return { lightHours: hours, lightWattsPerM2: watts * k.POT_TAKES_UP };
}
