/** Times as loggers write them. Of some dates it cannot be told which number is the day: both are kept. */
import { MS_PER_MINUTE } from '../../base';

export type DateOrder = 'day first' | 'month first';

export interface Moment {
  /** Minutes since 1970 on the logger's own clock. */
  readonly minutes: number;
  /** 0 = January. */
  readonly monthIndex: number;
  readonly hour: number;
}

/** What a text names in either order; null where it names none. The same twice where the year comes first. */
export interface MomentReadings {
  readonly 'day first': Moment | null;
  readonly 'month first': Moment | null;
  readonly hasClock: boolean;
}

const isoLike =
  /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[T ](\d{1,2}):(\d{2})(?::\d{2}(?:[.,]\d+)?)?\s*(?:Z|[+-]\d{2}:?\d{2})?)?$/;
const dayOrMonthFirst =
  /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{4})(?:[T ,]+(\d{1,2}):(\d{2})(?::\d{2}(?:[.,]\d+)?)?\s*(am|pm)?)?$/i;

function momentOf(year: number, month: number, day: number, hour: number, minute: number): Moment | null {
  const monthIndex = month - 1;
  const date = new Date(Date.UTC(year, monthIndex, day));
  const isReal = date.getUTCMonth() === monthIndex && date.getUTCDate() === day && hour < 24 && minute < 60;
  if (!isReal) return null;
  return { minutes: Date.UTC(year, monthIndex, day, hour, minute) / MS_PER_MINUTE, monthIndex, hour };
}

const none: MomentReadings = { 'day first': null, 'month first': null, hasClock: false };

export function readMoment(text: string): MomentReadings {
  const iso = isoLike.exec(text);
  if (iso) {
    const [, year, month, day, hour, minute] = iso;
    const moment = momentOf(Number(year), Number(month), Number(day), Number(hour ?? 0), Number(minute ?? 0));
    return { 'day first': moment, 'month first': moment, hasClock: hour !== undefined };
  }
  const other = dayOrMonthFirst.exec(text);
  if (!other) return none;
  const [first, second, year] = [Number(other[1]), Number(other[2]), Number(other[3])];
  const half = other[6]?.toLowerCase();
  const clock = Number(other[4] ?? 0);
  const hour = half ? (clock % 12) + (half === 'pm' ? 12 : 0) : clock;
  const minute = Number(other[5] ?? 0);
  return {
    'day first': momentOf(year, second, first, hour, minute),
    'month first': momentOf(year, first, second, hour, minute),
    hasClock: other[4] !== undefined,
  };
}

/** Whether a text names a time of day, not the day alone. */
export const hasClock = (text: string): boolean => /\d:\d\d/.test(text);
