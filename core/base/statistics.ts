/** Small statistics, by the standard library; here so that each is used in one way. */
import { mean, median } from 'simple-statistics';

export const meanOf = (values: readonly number[]): number => mean([...values]);

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
