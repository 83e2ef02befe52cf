/**
 * What a plant waits for, and the next day to look: by the sign, the season of its place and its kind (days between looks are
 * from memory; that a plant at rest is not looked at before its rest is over is common practice, no source).
 */
import { DAYS_PER_COMMON_YEAR } from '../base';
import { monthOfDay } from '../physics/places';
import { k } from './constants';
import type { Timing } from './timing';
import type { TimingSign, WatchRisk } from './awaited-sign';

export interface SignWatch {
  readonly sign: TimingSign;
  readonly risk: WatchRisk;
  /** Days from today to the next look. */
  readonly daysToCheck: number;
}

const daysBySign: Readonly<Record<TimingSign, number>> = {
  'flowers over or new roots': k.LOOK_AT_FLOWERS_DAYS,
  'root tips on the new shoot': k.LOOK_AT_SHOOT_DAYS,
  'root tips or a shoot about to root': k.LOOK_FOR_TIPS_DAYS,
  'shoot half grown': k.LOOK_AT_SHOOT_DAYS,
  'the next root tips': k.LOOK_FOR_NEXT_TIPS_DAYS,
  'the next flush of root tips': k.LOOK_FOR_NEXT_FLUSH_DAYS,
  'end of rest': k.LOOK_FOR_TIPS_DAYS,
};

/** Signs that come with growth only: in the months of rest nobody need look for them. */
const comesWithGrowth: ReadonlySet<TimingSign> = new Set([
  'root tips on the new shoot',
  'root tips or a shoot about to root',
  'the next root tips',
  'the next flush of root tips',
  'end of rest',
]);

/** Days until the first day of the next month that is no month of rest; 0 outside of them. dayOfYear: 1 = 1 January. */
function daysOfRestLeft(dayOfYear: number, restMonths: readonly number[]): number {
  const rests = (ahead: number) =>
    restMonths.includes(monthOfDay(((dayOfYear - 1 + ahead) % DAYS_PER_COMMON_YEAR) + 1) - 1);
  for (let ahead = 0; ahead < DAYS_PER_COMMON_YEAR; ahead += 1) if (!rests(ahead)) return ahead;
  // It rests all the year: no month is better than another.
  return 0;
}

/** Days from today to the next look for a sign. A spent medium is looked at sooner. dayOfYear: today, 1 = 1 January. */
export function daysToCheck(
  { sign, risk }: Pick<SignWatch, 'sign' | 'risk'>,
  restMonths: readonly number[],
  dayOfYear: number,
): number {
  const isSpent = risk === 'medium is spent';
  const soonest = isSpent ? Math.min(daysBySign[sign], k.LOOK_AT_SPENT_DAYS) : daysBySign[sign];
  const rest = comesWithGrowth.has(sign) && !isSpent ? daysOfRestLeft(dayOfYear, restMonths) : 0;
  return Math.max(soonest, rest);
}

/** null where there is nothing to wait for. dayOfYear: today, 1 = 1 January. */
export function signWatchFor({ sign, risk, restMonths }: Timing, dayOfYear: number): SignWatch | null {
  if (sign === null || risk === null) return null;
  return { sign, risk, daysToCheck: daysToCheck({ sign, risk }, restMonths, dayOfYear) };
}
