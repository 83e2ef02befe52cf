/**
 * One column of readings, in sums: what it would be as °C, as °F, as per cent or as a share, in either
 * order of day and month. Which of these it is, is settled when the whole file has been seen.
 */
import { fahrenheitToCelsius, type QuantityName, ranges, round1, upperMedianOfCounts } from '../../base';
import { k } from '../reading/constants';
import { addTo, emptyYear, type YearSums } from '../reading/month-bins';
import { readNumber } from '../reading/read-number';
import type { DateOrder, MomentReadings } from '../reading/moments';

/** Lines at fault: how many, and the first of them. */
export interface FaultLines {
  count: number;
  readonly first: { readonly line: number; readonly value: number }[];
}

export const noFaultLines = (): FaultLines => ({ count: 0, first: [] });

export function noteFault(faults: FaultLines, line: number, value = NaN): void {
  faults.count += 1;
  if (faults.first.length <= k.MOST_FAULTS) faults.first.push({ line, value });
}

/** How the numbers of a column may be meant. */
export type Meaning = 'C' | 'F' | 'percent' | 'share';

export const valueAs: Readonly<Record<Meaning, (shown: number) => number>> = {
  C: (shown) => shown,
  F: fahrenheitToCelsius,
  percent: (shown) => shown,
  share: (shown) => shown * k.PERCENT,
};

const quantityOf: Readonly<Record<Meaning, QuantityName>> = {
  C: 'temperatureC',
  F: 'temperatureC',
  percent: 'relativeHumidityPct',
  share: 'relativeHumidityPct',
};
const meanings: readonly Meaning[] = ['C', 'F', 'percent', 'share'];
const LEAST_COUNTED = -200;
const MOST_COUNTED = 300;

export interface ColumnTally {
  readonly add: (line: number, text: string, moment: MomentReadings) => void;
  readonly numberCount: () => number;
  /** Upper median of the readings as they stand there; NaN where there are none. */
  readonly middle: () => number;
  readonly most: () => number;
  readonly missing: FaultLines;
  /** Lines whose value cannot be, for each meaning. */
  readonly outside: Readonly<Record<Meaning, FaultLines>>;
  readonly sums: Readonly<Record<DateOrder, YearSums>>;
  /** The first cells, as written. */
  readonly samples: readonly string[];
}

const isLightAt = (hour: number): boolean => hour >= k.DAY_FROM_HOUR && hour < k.DAY_TO_HOUR;

export function tallyColumn(): ColumnTally {
  const sums = { 'day first': emptyYear(), 'month first': emptyYear() };
  const missing = noFaultLines();
  const outside = { C: noFaultLines(), F: noFaultLines(), percent: noFaultLines(), share: noFaultLines() };
  const samples: string[] = [];
  /** How often each value came, to a tenth. */
  const values = new Map<number, number>();
  let count = 0;
  let most = -Infinity;

  const noteOutside = (line: number, shown: number): void => {
    for (const meaning of meanings) {
      const value = round1(valueAs[meaning](shown));
      const { min, max } = ranges[quantityOf[meaning]];
      if (value < min || value > max) noteFault(outside[meaning], line, value);
    }
  };

  return {
    missing,
    outside,
    sums,
    samples,
    add: (line, text, moment) => {
      if (samples.length < k.SAMPLE_ROWS) samples.push(text.trim().slice(0, k.MOST_CELL_SHOWN));
      const shown = readNumber(text);
      if (shown === null) {
        noteFault(missing, line);
        return;
      }
      count += 1;
      most = Math.max(most, shown);
      const tenth = Math.min(MOST_COUNTED, Math.max(LEAST_COUNTED, round1(shown)));
      values.set(tenth, (values.get(tenth) ?? 0) + 1);
      noteOutside(line, shown);
      for (const order of ['day first', 'month first'] as const) {
        const when = moment[order];
        if (when) addTo(sums[order], when.monthIndex, isLightAt(when.hour), shown);
      }
    },
    numberCount: () => count,
    most: () => most,
    middle: () => upperMedianOfCounts(values),
  };
}
