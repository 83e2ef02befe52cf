/** Days on the calendar. */
import { DAYS_PER_COMMON_YEAR } from '@core';
import dayjs, { type Dayjs } from 'dayjs';

/** 1 = 1 January; the last day of a leap year counts as the one before. */
export const dayOfYear = (day: Dayjs): number =>
  Math.min(DAYS_PER_COMMON_YEAR, day.diff(day.startOf('year'), 'day') + 1);

/** YYYY-MM-DD of the day so many days on. */
export const daysOn = (days: number): string => dayjs().add(days, 'day').format('YYYY-MM-DD');

export const today = (): string => dayjs().format('YYYY-MM-DD');
