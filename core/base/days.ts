/**
 * Days as they are written, YYYY-MM-DD, counted and carried on; a day has no time and no zone. Lists ask for them by the
 * ten thousand, so they are counted by the calendar's own rule, not by way of dates: days from a civil date and back, with
 * eras of 400 years beginning on 1 March (the proleptic Gregorian calendar).
 */

/** What lies beyond is no grower's day, and beyond what every calendar and database reckons in. */
export const FIRST_DAY = '1900-01-01';
export const LAST_DAY = '2199-12-31';

const DAYS_PER_ERA = 146_097;
const YEARS_PER_ERA = 400;
/** From 1 March of the year 0 to 1 January 1970. */
const TO_1970 = 719_468;
const MONTHS_FROM_MARCH = 9;

/** Days from 1 March to the first of a month, 0 = March. */
const daysBefore = (fromMarch: number): number => Math.floor((153 * fromMarch + 2) / 5);

/** month: 1 = January. */
function numberOf(year: number, month: number, day: number): number {
  const fromMarch = month > 2 ? month - 3 : month + MONTHS_FROM_MARCH;
  const y = month > 2 ? year : year - 1;
  const era = Math.floor(y / YEARS_PER_ERA);
  const yearOfEra = y - era * YEARS_PER_ERA;
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + daysBefore(fromMarch) + day - 1;
  return era * DAYS_PER_ERA + dayOfEra - TO_1970;
}

interface Civil {
  readonly year: number;
  /** 1 = January. */
  readonly month: number;
  readonly day: number;
}

function civilOf(number: number): Civil {
  const n = Math.floor(number) + TO_1970;
  const era = Math.floor(n / DAYS_PER_ERA);
  const dayOfEra = n - era * DAYS_PER_ERA;
  const yearOfEra = Math.floor(
    (dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36_524) - Math.floor(dayOfEra / 146_096)) / 365,
  );
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const fromMarch = Math.floor((5 * dayOfYear + 2) / 153);
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - MONTHS_FROM_MARCH;
  return {
    year: yearOfEra + era * YEARS_PER_ERA + (month <= 2 ? 1 : 0),
    month,
    day: dayOfYear - daysBefore(fromMarch) + 1,
  };
}

const two = (value: number): string => (value < 10 ? `0${value}` : String(value));
const written = ({ year, month, day }: Civil): string => `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`;

const yearIn = (day: string): number => Number(day.slice(0, 4));

/** Days since 1 January 1970. */
export const dayNumber = (day: string): number =>
  numberOf(yearIn(day), Number(day.slice(5, 7)), Number(day.slice(8, 10)));

/** The day of a number, YYYY-MM-DD; a part of a day is cut off. */
export const dayOf = (number: number): string => written(civilOf(number));

/** 0 = January. */
export const monthIndexOf = (day: string): number => Number(day.slice(5, 7)) - 1;

/** Of the day of a number: its month, 0 = January, and the number of the first day of the next. */
export function monthAt(number: number): { readonly monthIndex: number; readonly nextAt: number } {
  const { year, month } = civilOf(number);
  const [nextYear, next] = month === 12 ? [year + 1, 1] : [year, month + 1];
  return { monthIndex: month - 1, nextAt: numberOf(nextYear, next, 1) };
}

/** The first day of the month after the one of a day. */
export const nextMonth = (day: string): string => dayOf(monthAt(dayNumber(day)).nextAt);
