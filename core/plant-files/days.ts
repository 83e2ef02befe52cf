/** Days as growers write them. Of some it cannot be told which number is the day: both are kept. */
import { dayNumber, dayOf } from '../base';
import { type DateOrder, readMoment } from '../place-files';
import { k } from './constants';

/** YYYY-MM-DD in either order; null where it names no day. */
export type DayReadings = Readonly<Record<DateOrder, string | null>>;

const monthNames = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'] as const;
const MINUTES_PER_DAY = 1440;
const CENTURY = 100;

const either = (day: string | null): DayReadings => ({ 'day first': day, 'month first': day });
const two = (n: number): string => String(n).padStart(2, '0');

/** null where there is no such day. */
function written(year: number, month: number, day: number): string | null {
  const text = `${year}-${two(month)}-${two(day)}`;
  if (year < k.FIRST_YEAR || month < 1 || month > 12 || day < 1) return null;
  return dayOf(dayNumber(text)) === text ? text : null;
}

const fullYear = (year: number): number => {
  if (year >= CENTURY) return year;
  return year < k.CENTURY_TURN ? 2000 + year : 1900 + year;
};

const monthIn = (name: string): number => monthNames.indexOf(name.slice(0, 3).toLowerCase() as 'jan') + 1;

const shortYear = /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{2})$/;
const dayMonthName = /^(\d{1,2})(?:st|nd|rd|th)?[ .-]+([a-z]{3,9})\.?[ ,.-]+(\d{2,4})$/i;
const monthNameDay = /^([a-z]{3,9})\.? (\d{1,2})(?:st|nd|rd|th)?,? (\d{4})$/i;
const monthNameYear = /^([a-z]{3,9})\.?[ ,.-]+(\d{2,4})$/i;
const yearMonth = /^(\d{4})[-/.](\d{1,2})$/;
const monthYear = /^(\d{1,2})[-/.](\d{4})$/;
const yearOnly = /^(\d{4})$/;

/** Where only a month or a year is said, its first day stands for it. */
export function readDay(text: string): DayReadings {
  const trimmed = text.trim();
  const moment = readMoment(trimmed);
  if (moment['day first'] ?? moment['month first']) {
    const dayIn = (order: DateOrder) => {
      const at = moment[order];
      return at && dayOf(Math.floor(at.minutes / MINUTES_PER_DAY));
    };
    // A calendar takes the year 21 for 1921: what is written decides.
    if (Number(/\d{4}/.exec(trimmed)?.[0] ?? 0) < k.FIRST_YEAR) return either(null);
    return { 'day first': dayIn('day first'), 'month first': dayIn('month first') };
  }
  const short = shortYear.exec(trimmed);
  if (short) {
    const [one, other, year] = [Number(short[1]), Number(short[2]), fullYear(Number(short[3]))];
    return { 'day first': written(year, other, one), 'month first': written(year, one, other) };
  }
  const named = dayMonthName.exec(trimmed);
  if (named) return either(written(fullYear(Number(named[3])), monthIn(named[2]!), Number(named[1])));
  const american = monthNameDay.exec(trimmed);
  if (american) return either(written(Number(american[3]), monthIn(american[1]!), Number(american[2])));
  const ofMonth = monthNameYear.exec(trimmed);
  if (ofMonth) return either(written(fullYear(Number(ofMonth[2])), monthIn(ofMonth[1]!), 1));
  const iso = yearMonth.exec(trimmed);
  if (iso) return either(written(Number(iso[1]), Number(iso[2]), 1));
  const european = monthYear.exec(trimmed);
  if (european) return either(written(Number(european[2]), Number(european[1]), 1));
  const year = yearOnly.exec(trimmed);
  return either(year ? written(Number(year[1]), 1, 1) : null);
}

export interface OrderFound {
  /** null where every day reads in both orders, and they differ: the grower is asked. */
  readonly order: DateOrder | null;
  /** One that reads in both. */
  readonly example: string | null;
}

/** Which order a whole list is written in, by the days that read in one order only. */
export function orderOf(texts: readonly string[]): OrderFound {
  let onlyDayFirst = 0;
  let onlyMonthFirst = 0;
  let example: string | null = null;
  for (const text of texts) {
    const { 'day first': day, 'month first': month } = readDay(text);
    if (day !== null && month === null) onlyDayFirst += 1;
    else if (month !== null && day === null) onlyMonthFirst += 1;
    else if (day !== month) example ??= text;
  }
  if (onlyDayFirst === 0 && onlyMonthFirst === 0) return { order: example === null ? 'day first' : null, example };
  return { order: onlyDayFirst >= onlyMonthFirst ? 'day first' : 'month first', example };
}
