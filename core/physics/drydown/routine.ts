/** When a grower really waters. Days count from 1 January (0), which is taken to be a Monday. */
import { k } from './constants';
export type Routine =
  | { readonly kind: 'every'; readonly days: number }
  /** 0 = Monday … 6 = Sunday. */
  | { readonly kind: 'weekdays'; readonly weekdays: readonly number[] }
  /** Looks every morning and waters when the pot asks for it. */
  | { readonly kind: 'when dry' }
  /** A fine spray that wets the outer part only, several times a day. */
  | { readonly kind: 'misting'; readonly timesADay: number };

export interface Holiday {
  readonly fromDay: number;
  readonly days: number;
}

/** Is this a watering day? "When dry" is asked elsewhere, of the pot itself. */
export function isWateringDay(routine: Routine, day: number): boolean {
  switch (routine.kind) {
    case 'every':
      return day % Math.max(1, Math.round(routine.days)) === 0;
    case 'weekdays':
      return routine.weekdays.includes(day % k.DAYS_PER_WEEK);
    case 'when dry':
    case 'misting':
      return false;
  }
}

export function isAway(holiday: Holiday | null, day: number): boolean {
  return holiday !== null && day >= holiday.fromDay && day < holiday.fromDay + holiday.days;
}

/** Longest gap between two waterings the routine allows, days; null when it follows the pot. */
export function longestGapDays(routine: Routine): number | null {
  switch (routine.kind) {
    case 'every':
      return Math.max(1, Math.round(routine.days));
    case 'weekdays': {
      const days = [...new Set(routine.weekdays)].sort((a, b) => a - b);
      const [first] = days;
      if (first === undefined) return null;
      return Math.max(...days.map((day, i) => (days[i + 1] ?? first + k.DAYS_PER_WEEK) - day));
    }
    case 'misting':
      return 1;
    case 'when dry':
      return null;
  }
}
