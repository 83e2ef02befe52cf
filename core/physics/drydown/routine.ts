/** When and how a grower really waters. Days count from 1 January (0), which is taken to be a Monday. */
import { DAYS_PER_COMMON_YEAR, DAYS_PER_WEEK, HOURS_PER_DAY } from '../../base';
import { DEFAULT_SOAK_MINUTES, k } from './constants';
import { type Watering, wateringOf } from './watering';
import type { WayToWater } from './ways-to-water';

/** How the water is given; the can where nothing is said. */
export interface Manner {
  readonly way?: WayToWater;
  /** Of a soak. */
  readonly soakMinutes?: number;
}

export type Routine =
  | ({ readonly kind: 'every'; readonly days: number } & Manner)
  /** 0 = Monday … 6 = Sunday. */
  | ({ readonly kind: 'weekdays'; readonly weekdays: readonly number[] } & Manner)
  /** Looks every morning and waters when the pot asks for it. */
  | ({ readonly kind: 'when dry' } & Manner)
  /** Nobody waters it: what falls on it is all. */
  | { readonly kind: 'rain' }
  /** A fine spray that wets the outer part only, several times a day. */
  | { readonly kind: 'misting'; readonly timesADay: number };

export interface Holiday {
  readonly fromDay: number;
  readonly days: number;
}

/** The watering of a routine, one time. */
export function wateringFor(routine: Routine): Watering {
  if (routine.kind === 'misting' || routine.kind === 'rain') return wateringOf('pour', 0);
  return wateringOf(routine.way ?? 'pour', routine.soakMinutes ?? DEFAULT_SOAK_MINUTES);
}

/** What lies no further before an hour counts as that hour. */
const ROUNDS_UP_H = 0.5;

/**
 * Hours of a day (0 = the morning round) at which the routine waters. "When dry" is asked of the pot itself each morning.
 * A gap that is no whole number of days falls at other hours of the day.
 */
export function wateringHours(routine: Routine, day: number): readonly number[] {
  const startOfDay = day * HOURS_PER_DAY;
  switch (routine.kind) {
    case 'every': {
      const gapHours = Math.max(1, routine.days * HOURS_PER_DAY);
      const hours: number[] = [];
      // One that rounds up to this morning belongs here, though its time lies in the day before.
      const first = Math.ceil((startOfDay - ROUNDS_UP_H) / gapHours - 1e-9);
      for (let n = Math.max(0, first); ; n += 1) {
        const hour = Math.round(n * gapHours) - startOfDay;
        if (hour >= HOURS_PER_DAY) return hours;
        if (hour >= 0) hours.push(hour);
      }
    }
    case 'weekdays':
      return routine.weekdays.includes(day % DAYS_PER_WEEK) ? [0] : [];
    case 'when dry':
      return [0];
    case 'rain':
      return [];
    case 'misting': {
      const pauseHours = k.MISTING_SPAN_HOURS / routine.timesADay;
      return Array.from({ length: routine.timesADay }, (_, i) => Math.round(i * pauseHours));
    }
  }
}

export function isAway(holiday: Holiday | null, day: number): boolean {
  if (holiday === null) return false;
  // Over the turn of the year it goes on in January.
  const since = (day - holiday.fromDay) % DAYS_PER_COMMON_YEAR;
  return (since < 0 ? since + DAYS_PER_COMMON_YEAR : since) < holiday.days;
}

/** Longest gap between two waterings the routine allows, days; null when it follows the pot. */
export function longestGapDays(routine: Routine): number | null {
  switch (routine.kind) {
    case 'every':
      return routine.days;
    case 'weekdays': {
      const days = [...new Set(routine.weekdays)].sort((a, b) => a - b);
      const [first] = days;
      if (first === undefined) return null;
      return Math.max(...days.map((day, i) => (days[i + 1] ?? first + DAYS_PER_WEEK) - day));
    }
    case 'misting':
      return 1;
    case 'when dry':
    case 'rain':
      return null;
  }
}
