/** A plant that goes elsewhere for part of the year, as many go outside in summer: the year of two places by date. */
import { DAYS_PER_COMMON_YEAR, MONTHS_PER_YEAR, round1 } from '../../base';
import { k } from './constants';
import type { DaysAway, YearDay } from './description';
import { daysInMonth, firstDayOfMonth, type HalfDayAir, monthOfDay, type MonthAir, type Place } from './place';

/** 1 to 365; a day that its month does not have is its last. */
export function dayOfYear({ month, day }: YearDay): number {
  return firstDayOfMonth(month) + Math.min(day, daysInMonth[month - 1]!) - 1;
}

/** day: of the year, 1 to 365. */
export function isAwayOn({ from, to }: DaysAway, day: number): boolean {
  const [first, last] = [dayOfYear(from), dayOfYear(to)];
  return first <= last ? day >= first && day <= last : day >= first || day <= last;
}

/** Of each month's days, the share spent away. */
export function sharesAway(away: DaysAway): readonly number[] {
  return daysInMonth.map((days, month) => {
    const first = firstDayOfMonth(month + 1);
    const there = Array.from({ length: days }, (_, i) => first + i).filter((day) => isAwayOn(away, day));
    return there.length / days;
  });
}

const mixed = (home: number, away: number, share: number): number => (1 - share) * home + share * away;

const mixedAir = (home: HalfDayAir, away: HalfDayAir, share: number): HalfDayAir => ({
  temperatureC: round1(mixed(home.temperatureC, away.temperatureC, share)),
  relativeHumidityPct: Math.round(mixed(home.relativeHumidityPct, away.relativeHumidityPct, share)),
});

/** Light counts by its sum over a day, so that a dim long day and a bright short one mix to what both gave. */
function mixedMonth(home: MonthAir, away: MonthAir, share: number): MonthAir {
  const lightHours = mixed(home.lightHours, away.lightHours, share);
  const lightSum = mixed(home.lightHours * home.lightWattsPerM2, away.lightHours * away.lightWattsPerM2, share);
  return {
    day: mixedAir(home.day, away.day, share),
    night: mixedAir(home.night, away.night, share),
    lightHours: round1(lightHours),
    lightWattsPerM2: lightHours > 0 ? Math.round(lightSum / lightHours) : 0,
    rainMm: Math.round(mixed(home.rainMm, away.rainMm, share)),
    rainDays: Math.round(mixed(home.rainDays, away.rainDays, share)),
  };
}

/**
 * The place at home, with the months (and the parts of months) of the other in it; draught and setting go with where it stands
 * longer in a month. Both must be single places: their own times away count for nothing here.
 */
export function withTimeAway(home: Place, away: Place, days: DaysAway): Place {
  const shares = sharesAway(days);
  return {
    ...home,
    months: home.months.map((month, i): MonthAir => {
      const share = shares[i]!;
      if (share === 0) return month;
      const there = away.months[i]!;
      const air = share === 1 ? there : mixedMonth(month, there, share);
      const { setting, airflow } = away;
      return share >= 1 / 2 ? { ...air, elsewhere: { setting, airflow } } : air;
    }),
    timeAway: {
      home: { id: home.id, name: home.name },
      away: { id: away.id, name: away.name },
      from: days.from,
      to: days.to,
    },
  };
}

const middleOf = (month: number): number => firstDayOfMonth(month + 1) + daysInMonth[month]! / 2;

/** Nights of each day of the year, straight from the middle of one month to that of the next. */
function nightsOf({ months }: Place): readonly number[] {
  return months.flatMap(({ night }, month) => {
    const next = (month + 1) % MONTHS_PER_YEAR;
    const from = Math.round(middleOf(month));
    const days = Math.round(middleOf(next)) + (next === 0 ? DAYS_PER_COMMON_YEAR : 0) - from;
    return Array.from({ length: days }, (_, i) =>
      mixed(night.temperatureC, months[next]!.night.temperatureC, i / days),
    );
  });
}

function yearDayOf(day: number): YearDay {
  const within = (((day - 1) % DAYS_PER_COMMON_YEAR) + DAYS_PER_COMMON_YEAR) % DAYS_PER_COMMON_YEAR;
  const month = monthOfDay(within + 1);
  return { month, day: within + 2 - firstDayOfMonth(month) };
}

/** The days to go out and to come in: the longest run of nights warm enough there. Null where none is, or all are. */
export function usualDaysAway(away: Place): DaysAway | null {
  const isMild = nightsOf(away).map((nightC) => nightC >= k.NIGHT_TO_GO_OUT_C);
  const firstCold = isMild.indexOf(false);
  if (firstCold < 0 || !isMild.includes(true)) return null;
  let best = { begin: 0, days: 0 };
  let days = 0;
  // Once round, from a cold night to the same: a run over the turn of the year is one.
  for (let i = 0; i < isMild.length; i += 1) {
    days = isMild[(firstCold + i) % isMild.length] ? days + 1 : 0;
    if (days > best.days) best = { begin: firstCold + i - days + 1, days };
  }
  // The nights begin in the middle of January.
  const begin = best.begin + Math.round(middleOf(0));
  return { from: yearDayOf(begin), to: yearDayOf(begin + best.days - 1) };
}

/** Whether the middle of the days away lies in the summer half of the year there. */
export function isSummerAway(days: DaysAway, latitudeDeg: number): boolean {
  const [first, last] = [dayOfYear(days.from), dayOfYear(days.to)];
  const middle = (first + (first <= last ? last : last + DAYS_PER_COMMON_YEAR)) / 2;
  const isNorthernSummer = Math.cos(((middle - k.NORTHERN_MIDSUMMER_DAY) / DAYS_PER_COMMON_YEAR) * 2 * Math.PI) >= 0;
  return isNorthernSummer === latitudeDeg >= 0;
}
