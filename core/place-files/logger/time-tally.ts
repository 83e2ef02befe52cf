/** The times of a file, for one order of day and month: which minutes have a reading, whatever their number. */
import { upperMedianOfCounts, MINUTES_PER_HOUR } from '../../base';
import type { RemarkFact } from '../reading/result';
import { k } from '../reading/constants';

const MINUTES_PER_DAY = 1440;
const BYTES_PER_DAY = MINUTES_PER_DAY / 8;

export interface TimeTally {
  /** False where there are more days than a place has: then nothing is kept of it. */
  readonly add: (minutes: number) => boolean;
  readonly dayCount: () => number;
  readonly readingCount: () => number;
  /** Days from the first to the last, both counted. */
  readonly spanDays: () => number;
  readonly gapRemarks: () => readonly RemarkFact[];
}

export function tallyTimes(): TimeTally {
  /** A bit for each minute of each day that has readings. */
  const days = new Map<number, Uint8Array>();
  let readings = 0;
  let repeated = 0;
  let before: number | null = null;

  const add = (minutes: number): boolean => {
    const day = Math.floor(minutes / MINUTES_PER_DAY);
    let bits = days.get(day);
    if (!bits) {
      if (days.size >= k.MOST_DAYS) return false;
      bits = new Uint8Array(BYTES_PER_DAY);
      days.set(day, bits);
    }
    const minute = minutes - day * MINUTES_PER_DAY;
    const [byte, bit] = [minute >> 3, 1 << (minute & 7)];
    // Several in one minute are a quick logger; the same minute met again later is a file said twice.
    if ((bits[byte]! & bit) !== 0 && minutes !== before) repeated += 1;
    bits[byte]! |= bit;
    readings += 1;
    before = minutes;
    return true;
  };

  function* inOrder(): Generator<number> {
    for (const day of [...days.keys()].sort((a, b) => a - b)) {
      const bits = days.get(day)!;
      for (let minute = 0; minute < MINUTES_PER_DAY; minute += 1) {
        if ((bits[minute >> 3]! & (1 << (minute & 7))) !== 0) yield day * MINUTES_PER_DAY + minute;
      }
    }
  }

  function* steps(): Generator<{ readonly minutes: number; readonly afterMinutes: number }> {
    let last: number | null = null;
    for (const time of inOrder()) {
      if (last !== null) yield { minutes: time - last, afterMinutes: last };
      last = time;
    }
  }

  /** The upper median of the steps between readings. */
  const usualStep = (): number => {
    const counts = new Map<number, number>();
    for (const { minutes } of steps()) counts.set(minutes, (counts.get(minutes) ?? 0) + 1);
    return counts.size > 0 ? upperMedianOfCounts(counts) : 1;
  };

  const gapRemarks = (): readonly RemarkFact[] => {
    const longest = k.GAP_STEPS * usualStep();
    let told: { readonly minutes: number; readonly afterMinutes: number }[] = [];
    let restCount = 0;
    let restMinutes = 0;
    for (const step of steps()) {
      if (step.minutes <= longest) continue;
      told = [...told, step].sort((a, b) => b.minutes - a.minutes);
      const shortest = told.length > k.MOST_GAPS ? told.pop() : undefined;
      if (shortest) {
        restCount += 1;
        restMinutes += shortest.minutes;
      }
    }
    const hoursOf = (minutes: number) => Math.round(minutes / MINUTES_PER_HOUR);
    return [
      ...(repeated > 0 ? [{ code: 'repeated' as const, count: repeated }] : []),
      ...told
        .sort((a, b) => a.afterMinutes - b.afterMinutes)
        .map(({ minutes, afterMinutes }) => ({ code: 'gap' as const, hours: hoursOf(minutes), afterMinutes })),
      ...(restCount > 0 ? [{ code: 'more gaps' as const, count: restCount, hours: hoursOf(restMinutes) }] : []),
    ];
  };

  return {
    add,
    dayCount: () => days.size,
    readingCount: () => readings,
    spanDays: () => {
      let [first, last] = [Infinity, -Infinity];
      for (const day of days.keys()) [first, last] = [Math.min(first, day), Math.max(last, day)];
      return days.size === 0 ? 0 : last - first + 1;
    },
    gapRemarks,
  };
}
