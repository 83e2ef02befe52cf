/** Gathers readings into the day and the night of each month, as sums: as many as there may be, they take no room. */
import { round1, MONTHS_PER_YEAR } from '../../base';
import { type HalfDayAir, type MonthAir } from '../../physics/places';

/** One quantity by month and half of the day: the days of the twelve months, then their nights. */
export interface YearSums {
  readonly sum: Float64Array;
  readonly count: Float64Array;
}

export const emptyYear = (): YearSums => ({
  sum: new Float64Array(2 * MONTHS_PER_YEAR),
  count: new Float64Array(2 * MONTHS_PER_YEAR),
});

const slot = (monthIndex: number, isLight: boolean): number => monthIndex + (isLight ? 0 : MONTHS_PER_YEAR);

export function addTo(year: YearSums, monthIndex: number, isLight: boolean, value: number): void {
  const at = slot(monthIndex, isLight);
  year.sum[at]! += value;
  year.count[at]! += 1;
}

/** The same sums in another unit: change must be linear. */
export function scaled(year: YearSums, change: (value: number) => number): YearSums {
  const zero = change(0);
  return {
    // Linear: the zero point counts once for each reading.
    sum: year.sum.map((sum, i) => change(sum) + zero * (year.count[i]! - 1)),
    count: year.count,
  };
}

function meanOf(year: YearSums, monthIndex: number, isLight: boolean): number | null {
  const at = slot(monthIndex, isLight);
  return year.count[at]! > 0 ? year.sum[at]! / year.count[at]! : null;
}

export interface HalfMonths {
  readonly day: HalfDayAir | null;
  readonly night: HalfDayAir | null;
}

/** Mean day and night air of each month; null where there are no readings. */
export function binMonths(temperaturesC: YearSums, humiditiesPct: YearSums): readonly HalfMonths[] {
  const half = (monthIndex: number, isLight: boolean): HalfDayAir | null => {
    const temperatureC = meanOf(temperaturesC, monthIndex, isLight);
    const relativeHumidityPct = meanOf(humiditiesPct, monthIndex, isLight);
    return temperatureC === null || relativeHumidityPct === null ? null : { temperatureC, relativeHumidityPct };
  };
  return Array.from({ length: MONTHS_PER_YEAR }, (_, monthIndex) => {
    const [day, night] = [half(monthIndex, true), half(monthIndex, false)];
    return { day: day ?? night, night: night ?? day };
  });
}

function between(before: HalfDayAir, after: HalfDayAir, share: number): HalfDayAir {
  return {
    temperatureC: before.temperatureC + (after.temperatureC - before.temperatureC) * share,
    relativeHumidityPct: before.relativeHumidityPct + (after.relativeHumidityPct - before.relativeHumidityPct) * share,
  };
}

/** Fills months without readings from their neighbours round the year; also says which they were. */
export function fillMonths(months: readonly HalfMonths[]): {
  readonly months: readonly { readonly day: HalfDayAir; readonly night: HalfDayAir }[];
  readonly filled: readonly number[];
} {
  const known = months.map((month, i) => (month.day && month.night ? i : -1)).filter((i) => i >= 0);
  const filled: number[] = [];
  const full = months.map((month, i) => {
    if (month.day && month.night) return { day: month.day, night: month.night };
    filled.push(i);
    const stepsBack = (k: number) => (i - k + MONTHS_PER_YEAR) % MONTHS_PER_YEAR;
    const stepsOn = (k: number) => (k - i + MONTHS_PER_YEAR) % MONTHS_PER_YEAR;
    const before = known.reduce((best, k) => (stepsBack(k) < stepsBack(best) ? k : best));
    const after = known.reduce((best, k) => (stepsOn(k) < stepsOn(best) ? k : best));
    const span = stepsBack(before) + stepsOn(after);
    const share = span === 0 ? 0 : stepsBack(before) / span;
    return {
      day: between(months[before]!.day!, months[after]!.day!, share),
      night: between(months[before]!.night!, months[after]!.night!, share),
    };
  });
  return { months: full, filled };
}

/** Rounds a month to what a thermometer shows. */
export function roundMonth(month: MonthAir): MonthAir {
  const half = (air: HalfDayAir): HalfDayAir => ({
    temperatureC: round1(air.temperatureC),
    relativeHumidityPct: Math.round(Math.min(100, Math.max(1, air.relativeHumidityPct))),
  });
  return {
    ...month,
    day: half(month.day),
    night: half(month.night),
    lightHours: round1(month.lightHours),
    lightWattsPerM2: Math.round(month.lightWattsPerM2),
    rainMm: Math.round(month.rainMm),
    rainDays: Math.round(month.rainDays),
  };
}
