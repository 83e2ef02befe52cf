/**
 * What a logger's columns mean, from their headings, their values and what the grower has settled. A
 * wrong guess is worse than a question: where two readings fit, both are told with their first rows.
 */
import { fahrenheitToCelsius, round1 } from '../../base';
import { k } from '../reading/constants';
import { readNumber } from '../reading/read-number';
import type { ReadingChoices, ReadingQuestion } from '../reading/result';
import { type Candidate, statedUnitOf } from './columns';
import { type ColumnTally, type Meaning, valueAs } from './column-tally';
import { type DateOrder, readMoment } from '../reading/moments';
import type { LoggerTable } from './table';

export interface Meant {
  readonly temperature: number;
  readonly humidity: number;
  readonly unit: 'C' | 'F';
  readonly isShare: boolean;
  readonly order: DateOrder;
}

export type Choice =
  | { readonly status: 'meant'; readonly meant: Meant }
  | { readonly status: 'unclear'; readonly questions: readonly ReadingQuestion[] }
  | { readonly status: 'missing'; readonly lacking: readonly string[] }
  | { readonly status: 'no such column'; readonly label: string };

type Role = 'temperature' | 'humidity';
const meaningsOf: Readonly<Record<Role, readonly Meaning[]>> = {
  temperature: ['C', 'F'],
  humidity: ['percent', 'share'],
};

/** Whether the values of a column can be what it is taken for. */
const isPlausible = (tally: ColumnTally, role: Role): boolean =>
  meaningsOf[role].some((meaning) => tally.outside[meaning].count === 0);

/** The columns that may be meant: of those with readings the plainest headings, and of these the plausible ones. */
function meantColumns(table: LoggerTable, role: Role, taken: number | null): readonly number[] {
  const tallyOf = ({ column }: Candidate) => table.tallies.get(column)!;
  const all = table.columns[role].filter(({ column }) => column !== taken);
  const withReadings = all.filter((candidate) => tallyOf(candidate).numberCount() > 0);
  const open = withReadings.length > 0 ? withReadings : all;
  const strongest = open.filter(({ strength }) => strength === open[0]?.strength);
  const plausible = strongest.filter((candidate) => isPlausible(tallyOf(candidate), role));
  return (plausible.length > 0 ? plausible : strongest).map(({ column }) => column);
}

function columnQuestion(table: LoggerTable, role: Role, columns: readonly number[]): ReadingQuestion {
  return {
    code: role,
    options: columns.map((column) => ({
      label: table.columns.labels[column]!,
      samples: table.tallies.get(column)!.samples,
    })),
  };
}

const isBetween = (value: number, least: number, most: number): boolean => value >= least && value <= most;

/** The unit of a temperature column; null where either may be meant. */
function unitOf(label: string, tally: ColumnTally): 'C' | 'F' | null {
  const middle = tally.middle();
  if (Number.isNaN(middle)) return 'C';
  const stated = statedUnitOf(label);
  if (stated === 'C' || stated === 'F') {
    const [statedC, otherC] =
      stated === 'C' ? [middle, fahrenheitToCelsius(middle)] : [fahrenheitToCelsius(middle), middle];
    const isDoubtful = !isBetween(statedC, k.STATED_UNIT_FROM_C, k.STATED_UNIT_TO_C);
    return isDoubtful && isBetween(otherC, k.LIKELY_FROM_C, k.LIKELY_TO_C) ? null : stated;
  }
  if (middle <= k.SURELY_CELSIUS_TO) return 'C';
  return middle >= k.SURELY_FAHRENHEIT_FROM ? 'F' : null;
}

function unitQuestion(label: string, tally: ColumnTally): ReadingQuestion {
  const read = tally.samples.flatMap((shown) => {
    const value = readNumber(shown);
    return value === null ? [] : [{ shown, value }];
  });
  return {
    code: 'unit',
    label,
    options: (['C', 'F'] as const).map((unit) => ({
      unit,
      samples: read.map(({ shown, value }) => ({ shown, temperatureC: round1(valueAs[unit](value)) })),
    })),
  };
}

/**
 * The order of day and month; null where either may be meant. A number above 12 must be a day. Where none
 * is, days must follow one another: read the wrong way, each is a month from the next. So many days in a
 * row fill their span; but a reading or two on the same day of every month does too, the other way.
 */
function orderOf({ orders, orderMatters }: LoggerTable): DateOrder | null {
  if (!orderMatters) return 'day first';
  const [day, month] = [orders['day first'], orders['month first']];
  if (day.bad.count !== month.bad.count) return day.bad.count < month.bad.count ? 'day first' : 'month first';
  const fills = ({ times }: typeof day) => times.spanDays() <= 2 * times.dayCount();
  const isDense = ({ times }: typeof day) => times.readingCount() >= k.READINGS_A_DAY_IN_A_ROW * times.dayCount();
  if (day.times.dayCount() < 2 || fills(day) === fills(month)) return null;
  const likely = fills(day) ? day : month;
  if (!isDense(likely)) return null;
  return likely === day ? 'day first' : 'month first';
}

function dateQuestion({ sampleDays }: LoggerTable): ReadingQuestion {
  return {
    code: 'dates',
    options: (['day first', 'month first'] as const).map((order) => ({
      order,
      samples: sampleDays.flatMap((text) => {
        const moment = readMoment(text)[order];
        return moment ? [{ text, minutes: moment.minutes }] : [];
      }),
    })),
  };
}

type Picked =
  | { readonly status: 'one'; readonly column: number }
  | { readonly status: 'several'; readonly columns: readonly number[] }
  | { readonly status: 'none' | 'no such column' };

function pick(table: LoggerTable, role: Role, wanted: string | undefined, taken: number | null): Picked {
  if (wanted !== undefined) {
    const column = table.columns.labels.indexOf(wanted);
    return column >= 0 ? { status: 'one', column } : { status: 'no such column' };
  }
  const columns = meantColumns(table, role, taken);
  if (columns.length === 0) return { status: 'none' };
  return columns.length === 1 ? { status: 'one', column: columns[0]! } : { status: 'several', columns };
}

export function chooseReading(table: LoggerTable, choices: ReadingChoices): Choice {
  const warm = pick(table, 'temperature', choices.temperature, null);
  const damp = pick(table, 'humidity', choices.humidity, warm.status === 'one' ? warm.column : null);
  if (warm.status === 'no such column') return { status: 'no such column', label: choices.temperature! };
  if (damp.status === 'no such column') return { status: 'no such column', label: choices.humidity! };
  const lacking = [...(warm.status === 'none' ? ['temperature'] : []), ...(damp.status === 'none' ? ['humidity'] : [])];
  if (lacking.length > 0) return { status: 'missing', lacking };

  const questions: ReadingQuestion[] = [];
  if (warm.status === 'several') questions.push(columnQuestion(table, 'temperature', warm.columns));
  // Where any column may be either, the temperature comes first: it may leave one for the humidity.
  const isShared =
    warm.status === 'several' && damp.status === 'several' && damp.columns.some((c) => warm.columns.includes(c));
  if (damp.status === 'several' && !isShared) questions.push(columnQuestion(table, 'humidity', damp.columns));
  const warmColumn = warm.status === 'one' ? warm.column : null;
  const warmTally = warmColumn === null ? null : table.tallies.get(warmColumn)!;
  const warmLabel = warmColumn === null ? '' : table.columns.labels[warmColumn]!;
  const unit = choices.unit ?? (warmTally ? unitOf(warmLabel, warmTally) : 'C');
  if (unit === null && warmTally) questions.push(unitQuestion(warmLabel, warmTally));
  const order = choices.dates ?? orderOf(table);
  if (order === null) questions.push(dateQuestion(table));
  if (warmColumn === null || damp.status !== 'one' || unit === null || order === null) {
    return { status: 'unclear', questions };
  }
  const most = table.tallies.get(damp.column)!.most();
  return {
    status: 'meant',
    meant: { temperature: warmColumn, humidity: damp.column, unit, order, isShare: most > 0 && most <= k.SHARE_TO },
  };
}
