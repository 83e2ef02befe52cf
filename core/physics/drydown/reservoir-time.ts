/** How long standing water lasts. */
import { HOURS_PER_DAY } from '../../base';
import type { MonthDrying } from '../places';
import type { Column } from './column';
import { k } from './constants';
import { hourFor, monthHours, wateredState } from './dry-down';
import { HORIZON_DAYS } from './drying-time-constants';
import { stepHour } from './hour';
import { reservoirG } from './state';
import type { Watering } from './watering';

/**
 * Days from a watering until the reservoir is empty in one month's air, whether or not what stands above it asks for water sooner;
 * null without a reservoir, or where it outlasts the horizon.
 */
export function reservoirTimeDays(
  column: Column,
  month: MonthDrying,
  thresholdShare: number,
  watering: Watering,
  horizonDays = HORIZON_DAYS,
  stepHours = 1,
): number | null {
  if (column.reservoirCapacityG <= 0) return null;
  const hours = monthHours(column, month);
  const state = wateredState(column, thresholdShare, watering);
  const mostLost = stepHours > 1 ? k.MOST_LOST_PER_STEP : k.MOST_LOST_PER_FINE_STEP;
  let leftG = reservoirG(state);
  let drawnG = Infinity;
  for (let hour = 0; hour < horizonDays * HOURS_PER_DAY; hour += stepHours) {
    stepHour(column, hourFor(hours, hour), state, stepHours, mostLost);
    const afterG = reservoirG(state);
    // The last step draws what is left; how soon in it follows from the one before.
    if (afterG <= 0) return (hour + stepHours * Math.min(1, leftG / drawnG)) / HOURS_PER_DAY;
    drawnG = Math.max(leftG - afterG, Number.MIN_VALUE);
    leftG = afterG;
  }
  return null;
}
