/** Units of time, by definition; named once. */
export const MS_PER_SECOND = 1000;
export const MINUTES_PER_HOUR = 60;
export const SECONDS_PER_HOUR = 3600;
export const HOURS_PER_DAY = 24;
export const SECONDS_PER_DAY = HOURS_PER_DAY * SECONDS_PER_HOUR;
export const DAYS_PER_WEEK = 7;
export const MONTHS_PER_YEAR = 12;
export const MS_PER_MINUTE = 60 * MS_PER_SECOND;
export const MS_PER_HOUR = SECONDS_PER_HOUR * MS_PER_SECOND;
export const MS_PER_DAY = HOURS_PER_DAY * MS_PER_HOUR;

/** Of the calendar, leap years counted in: for ages and spans between two dates. */
export const DAYS_PER_YEAR = 365.25;

/** Of a year that is gone through month by month: it has no 29 February. */
export const DAYS_PER_COMMON_YEAR = 365;
