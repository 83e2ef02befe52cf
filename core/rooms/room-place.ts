/** A whole place, twelve months of it, from what a grower says of a room; with how sure each of its figures is. */
import { ranges, round1 } from '../base';
import type { ClimateStation } from '../catalogue/climates';
import type { AirflowClass } from '../physics/air';
import {
  type HalfDayAir,
  meanAir,
  type MonthAir,
  type Place,
  kindTraits,
  type RoomDescription,
} from '../physics/places';
import { k } from './constants';
import { indoorAir } from './indoor-air';
import { lightOf } from './light';
import { type OutsideYear, outsideOf } from './outside';
import { type Anchor, type Bent, bentBy } from './readings';

/** Where the figures of a place come from. */
export type FigureOrigin = 'your readings' | 'what you said' | 'stations near you' | 'rooms of this kind';

export interface RoomMonthUnsure {
  /** Eight times of ten the truth lies within. */
  readonly temperatureC: number;
  readonly humidityPoints: number;
}

export interface RoomPlace {
  readonly place: Place;
  readonly unsure: readonly RoomMonthUnsure[];
  /** Share by which light and rain may be off. */
  readonly lightOff: number;
  readonly rainOff: number;
  readonly origins: Readonly<Record<'temperature' | 'humidity' | 'light' | 'rain', FigureOrigin>>;
  readonly stations: OutsideYear['from'];
  readonly altitudeM: number;
}

function airflowOf({ kind, hasMovingAir }: RoomDescription): AirflowClass {
  if (kindTraits[kind].isOutdoors) return kind === 'garden' && hasMovingAir ? 'windy' : 'sheltered outdoors';
  return hasMovingAir ? 'fan' : 'still room';
}

const rainShare = ({ kind }: RoomDescription): number =>
  kind === 'garden' ? 1 : kind === 'balcony' ? k.BALCONY_RAIN : 0;

const within = (value: number, { min, max }: { readonly min: number; readonly max: number }): number =>
  Math.min(max, Math.max(min, value));

/** The month in which it is coldest outside, and the one in which it is warmest. */
function endsOf(year: OutsideYear): { readonly coldest: number; readonly warmest: number } {
  const means = year.months.map(({ meanC }) => meanC);
  return { coldest: means.indexOf(Math.min(...means)), warmest: means.indexOf(Math.max(...means)) };
}

interface Bends {
  readonly humidity: readonly Anchor[];
  readonly nights: readonly Anchor[];
  readonly days: readonly Anchor[];
}

function anchorsOf(room: RoomDescription, year: OutsideYear, months: readonly MonthAir[]): Bends {
  const outsideC = (month: number) => year.months[month]!.meanC;
  const { coldest, warmest } = endsOf(year);
  return {
    humidity: room.readings.map(({ month, relativeHumidityPct }) => ({
      outsideC: outsideC(month - 1),
      offBy: relativeHumidityPct - meanAir(months[month - 1]!).relativeHumidityPct,
    })),
    nights:
      room.lowestC === null
        ? []
        : [
            {
              outsideC: outsideC(coldest),
              offBy: room.lowestC + k.LOWEST_TO_MEAN_C - months[coldest]!.night.temperatureC,
            },
          ],
    days:
      room.highestC === null
        ? []
        : [
            {
              outsideC: outsideC(warmest),
              offBy: room.highestC - k.HIGHEST_TO_MEAN_C - months[warmest]!.day.temperatureC,
            },
          ],
  };
}

const bent = (air: HalfDayAir, warmer: Bent, damper: Bent): HalfDayAir => ({
  temperatureC: round1(within(air.temperatureC + warmer.by, ranges.temperatureC)),
  relativeHumidityPct: Math.round(within(air.relativeHumidityPct + damper.by, ranges.relativeHumidityPct)),
});

/** Doubt of two kinds, and what readings take from it. */
function stillUnsure(outside: number, room: number, read: number, known: number): number {
  const before = Math.hypot(outside, room);
  return round1(Math.min(before, known * read + (1 - known) * before));
}

export function roomPlace(room: RoomDescription, name: string, stations: readonly ClimateStation[]): RoomPlace {
  const year = outsideOf(room.town, stations);
  const { isOutdoors, hasLamps } = kindTraits[room.kind];
  const raw = year.months.map((outside, i): MonthAir => {
    const { lightHours, lightWattsPerM2 } = lightOf(room, outside, i);
    return {
      day: isOutdoors ? outside.day : indoorAir(room, year, i, 'day'),
      night: isOutdoors ? outside.night : indoorAir(room, year, i, 'night'),
      lightHours: round1(lightHours),
      lightWattsPerM2: Math.round(within(lightWattsPerM2, ranges.lightWattsPerM2)),
      rainMm: Math.round(outside.rainMm * rainShare(room)),
      rainDays: Math.round(outside.rainDays * Math.sign(rainShare(room))),
    };
  });
  const anchors = anchorsOf(room, year, raw);
  const bends = year.months.map(({ meanC }) => ({
    humidity: bentBy(anchors.humidity, meanC),
    nights: bentBy(anchors.nights, meanC),
    days: bentBy(anchors.days, meanC),
  }));
  const months = raw.map((month, i): MonthAir => {
    const { humidity, nights, days } = bends[i]!;
    return { ...month, day: bent(month.day, days, humidity), night: bent(month.night, nights, humidity) };
  });
  const ofKind = isOutdoors ? 0 : 1;
  return {
    place: {
      id: 'own-place',
      name,
      note: '',
      setting: isOutdoors ? 'outdoor' : 'indoor',
      latitudeDeg: within(room.town.latitudeDeg, ranges.latitudeDeg),
      longitudeDeg: room.town.longitudeDeg ?? 0,
      altitudeM: Math.round(within(year.altitudeM, ranges.altitudeM)),
      airflow: airflowOf(room),
      months,
      describedAs: room,
    },
    unsure: bends.map(({ humidity, nights, days }) => ({
      temperatureC: stillUnsure(
        isOutdoors ? year.unsure.temperatureC : 0,
        k.ROOM_OFF_C * ofKind,
        k.READING_OFF_C,
        (nights.known + days.known) / 2,
      ),
      humidityPoints: stillUnsure(
        year.unsure.humidityPoints,
        k.ROOM_OFF_POINTS * ofKind,
        k.READING_OFF_POINTS,
        humidity.known,
      ),
    })),
    lightOff: k.LIGHT_OFF,
    rainOff: rainShare(room) > 0 ? k.RAIN_OFF : 0,
    origins: {
      temperature:
        room.lowestC !== null || room.highestC !== null
          ? 'your readings'
          : isOutdoors
            ? 'stations near you'
            : 'rooms of this kind',
      humidity: room.readings.length > 0 ? 'your readings' : isOutdoors ? 'stations near you' : 'rooms of this kind',
      light: hasLamps ? 'what you said' : 'stations near you',
      rain: rainShare(room) > 0 ? 'stations near you' : 'what you said',
    },
    stations: year.from,
    altitudeM: Math.round(year.altitudeM),
  };
}
