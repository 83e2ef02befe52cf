/** Small statistics, by the standard library; here so that each is used in one way. */
import { errorFunction, mean, median } from 'simple-statistics';

export const meanOf = (values: readonly number[]): number => mean([...values]);

/** Share of a standard normal distribution below z, without the steps of a table (the error function is good to 1e-6). */
export const normalShareBelow = (z: number): number => (1 + errorFunction(z / Math.SQRT2)) / 2;

/** Density of the standard normal distribution. */
export const normalDensity = (z: number): number => Math.exp(-(z ** 2) / 2) / Math.sqrt(2 * Math.PI);

/** The middle value; of an even number of values the mean of the two middle ones. */
export const medianOf = (values: readonly number[]): number => median([...values]);

/** The middle value; of an even number of values the upper of the two middle ones (the library has none such). */
export function upperMedianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? NaN;
}

/** The same of values that are only counted: how often each came. */
export function upperMedianOfCounts(counts: ReadonlyMap<number, number>): number {
  const count = [...counts.values()].reduce((sum, times) => sum + times, 0);
  let seen = 0;
  for (const [value, times] of [...counts].sort(([a], [b]) => a - b)) {
    seen += times;
    if (seen > Math.floor(count / 2)) return value;
  }
  return NaN;
}
