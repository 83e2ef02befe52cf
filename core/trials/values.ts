/** What a plant's life says of a measure, since the trial began. */
import { DAYS_PER_YEAR, dayNumber } from '../base';
import type { TrialMeasure } from './measures';

/** Of what is kept in a life, as far as a trial asks for it. */
export interface TrialEvent {
  readonly on: string;
  readonly kind: 'watered' | 'inspected' | 'nursed';
  readonly holds?: string | null;
  readonly liveRootsPct?: number | null;
  readonly shootCount?: number | null;
}

const LEAST_WATERINGS = 4;
/** Over a shorter time a year's shoots cannot be told. */
const LEAST_YEARS = 0.5;

const last = <T>(values: readonly T[]): T | null => (values.length === 0 ? null : values[values.length - 1]!);

function newShoots(events: readonly TrialEvent[]): number | null {
  const counted = events.filter(({ shootCount }) => typeof shootCount === 'number');
  if (counted.length < 2) return null;
  const [first, newest] = [counted[0]!, counted[counted.length - 1]!];
  const years = (dayNumber(newest.on) - dayNumber(first.on)) / DAYS_PER_YEAR;
  return years < LEAST_YEARS ? null : (newest.shootCount! - first.shootCount!) / years;
}

function daysBetween(events: readonly TrialEvent[]): number | null {
  const days = events.filter(({ kind }) => kind === 'watered').map(({ on }) => dayNumber(on));
  if (days.length < LEAST_WATERINGS) return null;
  return (days[days.length - 1]! - days[0]!) / (days.length - 1);
}

/** events: since the trial began, the earliest first. null: it cannot be told yet. */
export function trialValue(measure: TrialMeasure, events: readonly TrialEvent[]): number | null {
  switch (measure) {
    case 'held': {
      const seen = last(events.flatMap(({ holds }) => (holds ? [holds] : [])));
      return seen === null ? null : seen === 'holds' ? 1 : 0;
    }
    case 'live roots':
      return last(events.flatMap(({ liveRootsPct }) => (typeof liveRootsPct === 'number' ? [liveRootsPct] : [])));
    case 'new shoots':
      return newShoots(events);
    case 'days between waterings':
      return daysBetween(events);
  }
}
