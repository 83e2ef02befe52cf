/**
 * A place: where a plant stands, as twelve months of day and night air.
 * Months run January to December; the hemisphere follows from the sign of the latitude.
 */
import { MONTHS_PER_YEAR } from '../../base';
import {
  type AirflowClass,
  airSpeedMS,
  dryingAir,
  type DryingAir,
  openSurfaceMmPerDay,
  pressureAtAltitudeKPa,
} from '../air';
import { k } from './constants';
import type { RoomDescription, TimeAway } from './description';

export interface HalfDayAir {
  readonly temperatureC: number;
  readonly relativeHumidityPct: number;
}

export interface MonthAir {
  readonly day: HalfDayAir;
  readonly night: HalfDayAir;
  /** Hours of light (lamp or daylight). */
  readonly lightHours: number;
  /** Mean radiation absorbed by the top of the pot during those hours, W/m². */
  readonly lightWattsPerM2: number;
  /** Rain that reaches the pot, mm a month; 0 indoors or under a roof. */
  readonly rainMm: number;
  readonly rainDays: number;
  /** Where the plant stands elsewhere for most of this month: what counts there in place of the place's own. */
  readonly elsewhere?: { readonly setting: Setting; readonly airflow: AirflowClass };
}

export type Setting = 'indoor' | 'outdoor';

export interface Place {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly setting: Setting;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly altitudeM: number;
  readonly airflow: AirflowClass;
  readonly months: readonly MonthAir[];
  /** What was said of it, where its months were worked out from that. */
  readonly describedAs?: RoomDescription;
  /** Of a plant that goes elsewhere for part of the year: its months are those of both places by date. */
  readonly timeAway?: TimeAway;
}

export const daysInMonth: readonly number[] = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** Day of the year (1 = 1 January) on which a month (1 to 12) begins. */
export function firstDayOfMonth(month: number): number {
  return 1 + daysInMonth.slice(0, month - 1).reduce((sum, days) => sum + days, 0);
}

/** Month (1 to 12) in which a day of the year (1 to 365) falls. */
export function monthOfDay(day: number): number {
  let month = 1;
  while (month < MONTHS_PER_YEAR && firstDayOfMonth(month + 1) <= day) month += 1;
  return month;
}

/** The drying air of one month by day and by night. */
export interface MonthDrying {
  readonly day: DryingAir;
  readonly night: DryingAir;
  readonly lightHours: number;
  readonly rainMm: number;
  readonly rainDays: number;
}

export function monthDrying(place: Place, monthIndex: number): MonthDrying {
  const month = place.months[monthIndex];
  if (!month) throw new RangeError(`monthIndex must be between 0 and 11, was ${monthIndex}`);
  const { setting, airflow } = month.elsewhere ?? place;
  const speedMS = airSpeedMS[airflow];
  const nightSpeedMS = setting === 'outdoor' ? speedMS * k.CALM_NIGHT_SHARE : speedMS;
  const pressureKPa = pressureAtAltitudeKPa(place.altitudeM);
  return {
    day: dryingAir({ ...month.day, speedMS, radiationWM2: month.lightWattsPerM2, pressureKPa }),
    night: dryingAir({ ...month.night, speedMS: nightSpeedMS, radiationWM2: 0, pressureKPa }),
    lightHours: month.lightHours,
    rainMm: month.rainMm,
    rainDays: month.rainDays,
  };
}

export function yearDrying(place: Place): readonly MonthDrying[] {
  return Array.from({ length: MONTHS_PER_YEAR }, (_, month) => monthDrying(place, month));
}

/** "How hard this air dries a pot": evaporation of an open wet surface in a month, mm/day. */
export function dryingPowerMmPerDay(month: MonthDrying): number {
  const lightShare = month.lightHours / 24;
  return lightShare * openSurfaceMmPerDay(month.day) + (1 - lightShare) * openSurfaceMmPerDay(month.night);
}

/** Mean of day and night over 24 hours, weighted by the hours of light. */
export function meanAir(month: MonthAir): HalfDayAir {
  const lightShare = month.lightHours / 24;
  const mix = (day: number, night: number) => lightShare * day + (1 - lightShare) * night;
  return {
    temperatureC: mix(month.day.temperatureC, month.night.temperatureC),
    relativeHumidityPct: mix(month.day.relativeHumidityPct, month.night.relativeHumidityPct),
  };
}

/** The same air all year: for tests, practice checks and "what if my room were like this". */
export function constantPlace(
  air: HalfDayAir & { airflow: AirflowClass; lightHours?: number; lightWattsPerM2?: number; outdoor?: boolean },
): Place {
  const month: MonthAir = {
    day: { temperatureC: air.temperatureC, relativeHumidityPct: air.relativeHumidityPct },
    night: { temperatureC: air.temperatureC, relativeHumidityPct: air.relativeHumidityPct },
    lightHours: air.lightHours ?? 12,
    lightWattsPerM2: air.lightWattsPerM2 ?? k.ROOM_LIGHT_W_M2,
    rainMm: 0,
    rainDays: 0,
  };
  return {
    id: 'constant',
    name: 'Constant air',
    note: '',
    setting: air.outdoor ? 'outdoor' : 'indoor',
    latitudeDeg: 45,
    longitudeDeg: 0,
    altitudeM: 0,
    airflow: air.airflow,
    months: Array.from({ length: MONTHS_PER_YEAR }, () => month),
  };
}
