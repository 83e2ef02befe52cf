/** Gathers readings into the day and the night of each month. */
import { round1 } from '../base';
import { type HalfDayAir, type MonthAir, MONTHS_PER_YEAR } from '../physics/places';

export interface Reading {
  readonly monthIndex: number;
  readonly isLight: boolean;
  readonly temperatureC: number;
  readonly relativeHumidityPct: number;
}

interface Sum {
  count: number;
  temperature: number;
  humidity: number;
}

const emptySum = (): Sum => ({ count: 0, temperature: 0, humidity: 0 });

function meanOf(sum: Sum): HalfDayAir | null {
  if (sum.count === 0) return null;
  return { temperatureC: sum.temperature / sum.count, relativeHumidityPct: sum.humidity / sum.count };
}

export interface HalfMonths {
  readonly day: HalfDayAir | null;
  readonly night: HalfDayAir | null;
}

/** Mean day and night air of each month; null where there are no readings. */
export function binMonths(readings: readonly Reading[]): readonly HalfMonths[] {
  const sums = Array.from({ length: MONTHS_PER_YEAR }, () => ({ day: emptySum(), night: emptySum() }));
  for (const reading of readings) {
    const sum = sums[reading.monthIndex]![reading.isLight ? 'day' : 'night'];
    sum.count += 1;
    sum.temperature += reading.temperatureC;
    sum.humidity += reading.relativeHumidityPct;
  }
  return sums.map(({ day, night }) => ({ day: meanOf(day) ?? meanOf(night), night: meanOf(night) ?? meanOf(day) }));
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
