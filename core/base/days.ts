/** Days as they are written, YYYY-MM-DD, counted and carried on; a day has no time and no zone. */

const MS_PER_DAY = 24 * 3600 * 1000;
export const DAYS_PER_YEAR = 365.25;

/** Days since 1 January 1970. */
export const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / MS_PER_DAY);

/** The day of a number, YYYY-MM-DD; a part of a day is cut off. */
export const dayOf = (number: number): string => new Date(Math.floor(number) * MS_PER_DAY).toISOString().slice(0, 10);

/** 0 = January. */
export const monthIndexOf = (day: string): number => Number(day.slice(5, 7)) - 1;

/** The first day of the month after the one of a day. */
export function nextMonth(day: string): string {
  const [year, month] = [Number(day.slice(0, 4)), monthIndexOf(day)];
  return new Date(Date.UTC(year, month + 1, 1)).toISOString().slice(0, 10);
}
