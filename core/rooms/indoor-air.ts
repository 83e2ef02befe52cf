/**
 * The air under a roof, as a balance: warmth from heating, the house and the sun; vapour from people, plants and wet
 * floors, carried off by the air that is changed, and what is too much left on the coldest pane.
 * v = (n·v_outside + G + w·v_saturated) / (n + w), all per volume, n air changes an hour.
 */
import { relativeHumidityOfVapourPct, saturationVapourDensityGM3 } from '../physics/air';
import { type HalfDayAir, type RoomHeating, type RoomDescription } from '../physics/places';
import { k } from './constants';
import type { OutsideMonth, OutsideYear } from './outside';

type Half = 'day' | 'night';

const keptC: Readonly<Record<RoomHeating, Readonly<Record<Half, number>>>> = {
  warm: { day: k.WARM_ROOM_C, night: k.WARM_ROOM_NIGHT_C },
  'a little': { day: k.MILD_ROOM_C, night: k.MILD_ROOM_NIGHT_C },
  none: { day: -Infinity, night: -Infinity },
};

/** max, without its corner: within a degree or so of each other both count. */
function smoothMax(a: number, b: number): number {
  if (!Number.isFinite(a)) return b;
  return (a + b + Math.sqrt((a - b) ** 2 + k.SOFT_C ** 2)) / 2 - k.SOFT_C / 4;
}

/** A room nobody heats or cools: the day outside with its swing damped, a little warmer. */
const freeC = (month: OutsideMonth, half: Half): number =>
  month.meanC + k.FREE_GAIN_C + (month[half].temperatureC - month.meanC) * k.SWING_INSIDE;

function roomC(room: RoomDescription, year: OutsideYear, month: OutsideMonth, half: Half): number {
  const free = freeC(month, half);
  if (room.kind === 'cellar') {
    const meanC = year.months.reduce((sum, each) => sum + each.meanC, 0) / year.months.length;
    return k.CELLAR_HOUSE_C + k.CELLAR_GROUND * meanC + (1 - k.CELLAR_GROUND) * month.meanC;
  }
  const house = smoothMax(keptC.warm[half], free);
  const kept = room.heating === 'none' ? k.HOUSE_SHARE * house + (1 - k.HOUSE_SHARE) * free : keptC[room.heating][half];
  const warmed = smoothMax(kept, free);
  const atPane =
    room.kind === 'windowsill' && half === 'night'
      ? (k.WINDOW_NIGHT_C * Math.max(0, warmed - month.night.temperatureC)) / k.WINDOW_DIFFERENCE_C
      : 0;
  const underLamps = (room.kind === 'lamp shelf' || room.kind === 'tent') && half === 'day' ? k.LAMP_WARMS_C : 0;
  const cooled = room.isCooled ? -smoothMax(-warmed, -k.COOLED_TO_C) : warmed;
  return cooled - atPane + underLamps;
}

function glasshouseC(room: RoomDescription, month: OutsideMonth, half: Half): number {
  const outsideC = month[half].temperatureC;
  const bySun = half === 'day' ? k.SUN_WARMS_C * month.sunMJ * k.WATTS_PER_MJ_DAY : k.COLD_GLASSHOUSE_C;
  const free = outsideC + bySun;
  if (room.heating === 'none') return free;
  const nightC = room.heating === 'warm' ? k.WARM_GLASSHOUSE_C : k.COOL_GLASSHOUSE_C;
  return smoothMax(half === 'day' ? nightC + k.GLASSHOUSE_DAY_C : nightC, free);
}

/** From shut to open as it grows warm. */
function between(shut: number, open: number, from: number, to: number, at: number): number {
  const share = Math.min(1, Math.max(0, (at - from) / (to - from)));
  return shut + (open - shut) * share * share * (3 - 2 * share);
}

interface Balance {
  readonly changesH: number;
  readonly moistureGM3H: number;
  readonly wetPerH: number;
  readonly paneShare: number;
}

function balanceOf(room: RoomDescription, month: OutsideMonth, insideC: number): Balance {
  if (room.kind === 'glasshouse') {
    return {
      changesH: between(
        k.GLASSHOUSE_CHANGES_H,
        k.GLASSHOUSE_OPEN_CHANGES_H,
        k.WARM_ROOM_C,
        k.VENTS_OPEN_C + 2,
        insideC,
      ),
      moistureGM3H: 0,
      wetPerH: k.WET_M_H,
      paneShare: k.SINGLE_PANE_SHARE,
    };
  }
  const times =
    (room.hasManyPlants ? k.MANY_PLANTS : 1) *
    (room.kind === 'bathroom' ? k.BATHROOM : room.kind === 'cellar' ? k.CELLAR_MOISTURE : 1);
  return {
    changesH: between(k.CLOSED_CHANGES_H, k.OPEN_CHANGES_H, k.CLOSED_AT_C, k.OPEN_AT_C, month.meanC),
    moistureGM3H: k.HOME_MOISTURE_G_H_M3 * times,
    wetPerH: 0,
    paneShare: k.PANE_COLD_SHARE,
  };
}

const vapourOf = ({ temperatureC, relativeHumidityPct }: HalfDayAir): number =>
  saturationVapourDensityGM3(temperatureC) * (relativeHumidityPct / 100);

/** min, without its corner. */
function softMin(a: number, b: number): number {
  return (a + b - Math.sqrt((a - b) ** 2 + k.SOFT_G_M3 ** 2)) / 2 + k.SOFT_G_M3 / 4;
}

function insideVapour(room: RoomDescription, month: OutsideMonth, half: Half, insideC: number): number {
  const { changesH, moistureGM3H, wetPerH, paneShare } = balanceOf(room, month, insideC);
  const saturated = saturationVapourDensityGM3(insideC);
  const outsideC = month[half].temperatureC;
  const mixed = (changesH * vapourOf(month[half]) + moistureGM3H + wetPerH * saturated) / (changesH + wetPerH);
  // What settles on the pane is gone; a pane warmer than the room takes nothing.
  const paneC = insideC - paneShare * Math.max(0, insideC - outsideC);
  const onPane = softMin(mixed, saturationVapourDensityGM3(paneC));
  return room.isCooled && insideC >= k.COOLED_TO_C - 1
    ? softMin(onPane, saturationVapourDensityGM3(k.COIL_DEW_C))
    : onPane;
}

/** A tent or cabinet stands in a room and keeps what its pots give off. */
function inTent(vapourGM3: number, insideC: number): number {
  const saturated = saturationVapourDensityGM3(insideC);
  return (k.TENT_CHANGES_H * vapourGM3 + k.WET_M_H * saturated) / (k.TENT_CHANGES_H + k.WET_M_H);
}

export function indoorAir(room: RoomDescription, year: OutsideYear, monthIndex: number, half: Half): HalfDayAir {
  const month = year.months[monthIndex]!;
  const temperatureC = room.kind === 'glasshouse' ? glasshouseC(room, month, half) : roomC(room, year, month, half);
  const vapour = insideVapour(room, month, half, temperatureC);
  const kept = room.kind === 'tent' ? inTent(vapour, temperatureC) : vapour;
  const pct = Math.min(k.MOST_INSIDE_PCT, relativeHumidityOfVapourPct(kept, temperatureC));
  return { temperatureC, relativeHumidityPct: room.hasHumidifier ? Math.max(k.HUMIDIFIER_PCT, pct) : pct };
}
