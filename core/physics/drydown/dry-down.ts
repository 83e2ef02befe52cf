/**
 * From one watering until the pot asks for the next: the hourly curve, and the days it takes.
 */
import { HOURS_PER_DAY } from '../../base';
import type { MonthDrying } from '../places';
import { type Column, rootZoneWater } from './column';
import { k } from './constants';
import { stepHour } from './hour';
import { blendedHour, hourClass, type HourClass } from './hour-class';
import { availableShare, rootZoneAir } from './root-zone';
import {
  cellWaterG,
  cellWaterShare,
  type ColumnState,
  createState,
  evaporatedG,
  reservoirG,
  rootZoneC,
  takenUpG,
} from './state';
import { daysOf, type DryingTime } from './drying-time';
import { HORIZON_DAYS } from './drying-time-constants';
import { waterColumn, waterFromDry, type Watering, wateringOf } from './watering';

export interface DryDownHour {
  readonly hour: number;
  readonly waterG: number;
  readonly reservoirG: number;
  /** Share of the available water left in the root zone. */
  readonly availableShare: number;
  /** Air-filled porosity of the root zone, v/v. */
  readonly airShare: number;
  readonly evaporatedG: number;
  readonly takenUpG: number;
  readonly rootZoneC: number;
}

export interface DryDown {
  readonly hours: readonly DryDownHour[];
  /** Water content of each cell (top first), v/v of the bed, one row per hour. */
  readonly cellWater: readonly Float32Array[];
  readonly reservoirCapacityG: number;
  readonly time: DryingTime;
  readonly thresholdShare: number;
}

export type MonthHours = readonly HourClass[];

/** The kind of each of the 24 hours after the morning watering, in one month, for one column. */
export function monthHours(column: Column, month: MonthDrying): MonthHours {
  const light = { lightWM2: month.day.radiationWM2, lightHours: month.lightHours };
  const day = hourClass(column, month.day, true, light);
  const night = hourClass(column, month.night, false, light);
  // The hours in which the light comes and goes have the same share of it, being as far from midday.
  let edge: HourClass | null = null;
  return Array.from({ length: HOURS_PER_DAY }, (_, hour) => {
    const share = lightShareAt((k.FIRST_HOUR + hour) % HOURS_PER_DAY, month.lightHours);
    if (share === 1) return day;
    if (share === 0) return night;
    edge ??= blendedHour(day, night, share);
    return edge;
  });
}

/** Share of a clock hour that is light, with so many hours of light around midday. */
export function lightShareAt(clockHour: number, lightHours: number): number {
  const half = lightHours / 2;
  const distance = Math.abs(clockHour + 0.5 - k.MIDDAY_HOUR);
  // The near end of the hour lies half an hour closer to midday than its middle, the far end half an hour further.
  return Math.min(1, Math.max(0, half - Math.min(distance, HOURS_PER_DAY - distance) + 0.5));
}

export function hourFor(hours: MonthHours, hourSinceWatering: number): HourClass {
  return hours[Math.floor(hourSinceWatering) % HOURS_PER_DAY]!;
}

/** The pot asks for water when what its roots can reach is down to the threshold. */
function isDue(column: Column, state: ColumnState, thresholdShare: number): boolean {
  return availableShare(column, state) <= thresholdShare;
}

/** The pot as a watering in its usual rhythm leaves it: dried to the threshold, watered once, drained. */
export function wateredState(column: Column, thresholdShare: number, watering: Watering): ColumnState {
  const state = createState(column);
  waterFromDry(column, state, thresholdShare, watering);
  return state;
}

const CAN = wateringOf('pour', 0);

/**
 * Days from watering to the threshold in one month's air, hour by hour without keeping the curve.
 * The hour of crossing is interpolated, so that a small change of setup never moves it by a whole hour.
 * stepHours: 1 for an answer; a few hours for a quick guess (the step is implicit, so it stays stable).
 */
export function dryingTime(
  column: Column,
  month: MonthDrying,
  thresholdShare: number,
  horizonDays = HORIZON_DAYS,
  stepHours = 1,
  watering: Watering = CAN,
): DryingTime {
  const start = () => wateredState(column, thresholdShare, watering);
  return followed(column, month, { thresholdShare, horizonDays, stepHours, start });
}

/** The same after the very first watering of a pot filled with dry medium. */
export function firstDryingTime(
  column: Column,
  month: MonthDrying,
  thresholdShare: number,
  watering: Watering = CAN,
): DryingTime {
  const start = (): ColumnState => {
    const state = createState(column);
    state.wetness.fill(0);
    waterColumn(column, state, watering);
    return state;
  };
  return followed(column, month, { thresholdShare, horizonDays: HORIZON_DAYS, stepHours: 1, start });
}

interface Followed {
  readonly thresholdShare: number;
  readonly horizonDays: number;
  readonly stepHours: number;
  readonly start: () => ColumnState;
}

function followed(column: Column, month: MonthDrying, how: Followed): DryingTime {
  const mostLost = how.stepHours > 1 ? k.MOST_LOST_PER_STEP : k.MOST_LOST_PER_FINE_STEP;
  const time = crossing(column, month, how, mostLost);
  // What dries within a day is followed in steps of a share of that.
  const finerHours = Math.max(k.LEAST_STEP_HOURS, (daysOf(time) * HOURS_PER_DAY) / k.STEPS_OF_FAST);
  return finerHours < how.stepHours ? crossing(column, month, { ...how, stepHours: finerHours }, mostLost) : time;
}

function crossing(column: Column, month: MonthDrying, how: Followed, mostLost: number): DryingTime {
  const { thresholdShare, horizonDays, stepHours } = how;
  const hours = monthHours(column, month);
  const state = how.start();
  const { availableG, unavailableG } = rootZoneWater(column);
  let before = availableShare(column, state);
  const horizonHours = horizonDays * HOURS_PER_DAY;
  for (let hour = 0; hour < horizonHours; hour += stepHours) {
    const after = (stepHour(column, hourFor(hours, hour), state, stepHours, mostLost) - unavailableG) / availableG;
    if (after <= thresholdShare) {
      const part = before > after ? (before - thresholdShare) / (before - after) : 0;
      return { status: 'dries', days: (hour + stepHours * Math.min(1, Math.max(0, part))) / HOURS_PER_DAY };
    }
    before = after;
  }
  return { status: 'stays wet', overDays: horizonDays };
}

/** The whole hourly curve in one month's air, until two days after the threshold or the horizon. */
export function dryDown(
  column: Column,
  month: MonthDrying,
  thresholdShare: number,
  horizonDays = HORIZON_DAYS,
  watering: Watering = CAN,
): DryDown {
  const hours = monthHours(column, month);
  const state = wateredState(column, thresholdShare, watering);
  const rows: DryDownHour[] = [];
  const cellWater: Float32Array[] = [];
  const record = (hour: number, kind: HourClass) => {
    rows.push({
      hour,
      waterG: cellWaterG(column, state).reduce((sum, grams) => sum + grams, 0),
      reservoirG: reservoirG(state),
      availableShare: availableShare(column, state),
      airShare: rootZoneAir(column, state),
      evaporatedG: evaporatedG(state),
      takenUpG: takenUpG(state),
      rootZoneC: rootZoneC(state) ?? kind.temperatureC,
    });
    cellWater.push(Float32Array.from(cellWaterShare(column, state)));
  };
  record(0, hourFor(hours, 0));
  let dueHour: number | null = null;
  for (let hour = 0; hour < horizonDays * HOURS_PER_DAY; hour += 1) {
    const kind = hourFor(hours, hour);
    stepHour(column, kind, state);
    record(hour + 1, kind);
    if (dueHour === null && isDue(column, state, thresholdShare)) dueHour = hour + 1;
    if (dueHour !== null && hour >= dueHour + 2 * HOURS_PER_DAY) break;
  }
  return {
    hours: rows,
    cellWater,
    reservoirCapacityG: column.reservoirCapacityG,
    time: dryingTime(column, month, thresholdShare, horizonDays, 1, watering),
    thresholdShare,
  };
}

/** Days to the threshold in each month of a year. */
export function dryingTimeByMonth(
  column: Column,
  year: readonly MonthDrying[],
  thresholdShare: number,
  watering: Watering = CAN,
  horizonDays = HORIZON_DAYS,
  stepHours = 1,
): readonly DryingTime[] {
  return year.map((month) => dryingTime(column, month, thresholdShare, horizonDays, stepHours, watering));
}
