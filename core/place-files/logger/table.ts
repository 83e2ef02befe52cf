/** A logger's table as it is taken in, row by row: in sums, so that its length costs no room. */
import type { Row } from '../reading/rows';
import { k } from '../reading/constants';
import {
  columnsByHeading,
  columnsWithoutHeading,
  isHeading,
  isUnitRow,
  type TableColumns,
  type TimeColumns,
  withUnits,
} from './columns';
import { type ColumnTally, type FaultLines, noFaultLines, noteFault, tallyColumn } from './column-tally';
import { type DateOrder, hasClock, type MomentReadings, readMoment } from '../reading/moments';
import { tallyTimes, type TimeTally } from './time-tally';

/** Times in one order of day and month. */
export interface OrderTally {
  readonly times: TimeTally;
  /** Lines whose time is none in this order. */
  readonly bad: FaultLines;
}

export interface LoggerTable {
  readonly columns: TableColumns;
  /** 0 where there are no headings. */
  readonly headingLine: number;
  readonly tallies: ReadonlyMap<number, ColumnTally>;
  readonly orders: Readonly<Record<DateOrder, OrderTally>>;
  /** Texts of the first times, of the first days, and of those that are none. */
  readonly sampleTimes: readonly string[];
  readonly sampleDays: readonly string[];
  readonly badTimes: ReadonlyMap<number, string>;
  /** Whether day and month can be taken for one another. */
  readonly orderMatters: boolean;
  readonly hasClock: boolean;
}

export type TableEnd =
  | { readonly status: 'table'; readonly table: LoggerTable }
  | { readonly status: 'no table' }
  | { readonly status: 'second headings'; readonly line: number; readonly firstLine: number }
  | { readonly status: 'too many days' };

export interface TableReader {
  readonly row: (row: Row) => void;
  /** True where further rows cannot change the answer. */
  readonly isSettled: () => boolean;
  readonly end: () => TableEnd;
}

interface Body {
  readonly columns: TableColumns;
  readonly headingLine: number;
  readonly tallies: Map<number, ColumnTally>;
  readonly orders: Record<DateOrder, { readonly times: TimeTally; readonly bad: FaultLines }>;
  readonly sampleTimes: string[];
  readonly sampleDays: string[];
  readonly badTimes: Map<number, string>;
  orderMatters: boolean;
  hasClock: boolean;
}

const dateOrders: readonly DateOrder[] = ['day first', 'month first'];
const isBlank = (cells: readonly string[]): boolean => cells.every((cell) => cell.trim() === '');

function bodyOf(columns: TableColumns, headingLine: number): Body {
  const candidates = [...columns.temperature, ...columns.humidity];
  const order = () => ({ times: tallyTimes(), bad: noFaultLines() });
  return {
    columns,
    headingLine,
    tallies: new Map(candidates.map(({ column }) => [column, tallyColumn()])),
    orders: { 'day first': order(), 'month first': order() },
    sampleTimes: [],
    sampleDays: [],
    badTimes: new Map(),
    orderMatters: false,
    hasClock: false,
  };
}

function timeTextOf(cells: readonly string[], { day, clock }: TimeColumns): string {
  const when = (cells[day] ?? '').trim().slice(0, k.MOST_CELL_SHOWN);
  return clock === null || hasClock(when) ? when : `${when} ${(cells[clock] ?? '').trim()}`;
}

/** False where there are more days than any place has readings of. */
function takeIn(body: Body, { cells, line }: Row, time: TimeColumns): boolean {
  const text = timeTextOf(cells, time);
  if (body.sampleTimes.length < k.SAMPLE_ROWS) body.sampleTimes.push(text);
  const day = text.split(/[T ,]/, 1)[0]!;
  if (body.sampleDays.length < k.SAMPLE_ROWS && !body.sampleDays.includes(day)) body.sampleDays.push(day);
  const moment = readMoment(text);
  const [dayFirst, monthFirst] = [moment['day first'], moment['month first']];
  body.orderMatters ||= dayFirst?.minutes !== monthFirst?.minutes;
  body.hasClock ||= moment.hasClock;
  for (const order of dateOrders) {
    const { times, bad } = body.orders[order];
    const when = moment[order];
    if (when === null) {
      noteFault(bad, line);
      if (body.badTimes.size <= 2 * k.MOST_FAULTS) body.badTimes.set(line, text);
    } else if (!times.add(when.minutes)) return false;
  }
  if (dayFirst ?? monthFirst) {
    for (const [column, tally] of body.tallies) tally.add(line, cells[column] ?? '', moment);
  }
  return true;
}

/** The columns of a row without headings: the first cell that is a time, or a date with its clock beside it. */
function timeWithoutHeading(cells: readonly string[]): TimeColumns | null {
  const isTime = (moment: MomentReadings) => (moment['day first'] ?? moment['month first']) !== null;
  const day = cells.findIndex((cell) => isTime(readMoment(cell.trim())));
  if (day < 0) return null;
  const clock = (cells[day + 1] ?? '').trim();
  return { day, clock: !hasClock(cells[day]!) && /^\d{1,2}:\d{2}/.test(clock) ? day + 1 : null };
}

export function readTable(): TableReader {
  /** Rows before the headings. */
  let before: Row[] = [];
  let headings: Row | null = null;
  let body: Body | null = null;
  let settled: TableEnd | null = null;

  const intoBody = (into: Body, row: Row): void => {
    if (isBlank(row.cells)) return;
    if (isHeading(row.cells) && into.headingLine > 0) {
      settled = { status: 'second headings', line: row.line, firstLine: into.headingLine };
    } else if (!takeIn(into, row, into.columns.time!)) settled = { status: 'too many days' };
  };

  const withoutHeadings = (): void => {
    const rows = before;
    before = [];
    const at = rows.findIndex(({ cells }) => timeWithoutHeading(cells) !== null);
    const first = rows[at];
    const time = first && timeWithoutHeading(first.cells);
    if (!first || !time || first.cells.length < (time.clock === null ? 3 : 4)) {
      settled = { status: 'no table' };
      return;
    }
    const made = bodyOf(columnsWithoutHeading(first.cells.length, time, rows[at - 1]?.cells ?? []), 0);
    body = made;
    for (const row of rows.slice(at)) intoBody(made, row);
  };

  const row = (next: Row): void => {
    if (settled) return;
    if (body) {
      intoBody(body, next);
    } else if (headings) {
      const withRow = isUnitRow(next.cells) ? withUnits(headings.cells, next.cells) : headings.cells;
      body = bodyOf(columnsByHeading(withRow), headings.line);
      if (withRow === headings.cells) intoBody(body, next);
    } else if (isHeading(next.cells)) {
      headings = next;
      before = [];
    } else {
      before.push(next);
      if (before.length > k.MOST_PREAMBLE_LINES) withoutHeadings();
    }
  };

  return {
    row,
    isSettled: () => settled !== null,
    end: () => {
      if (!settled && !body && headings) body = bodyOf(columnsByHeading(headings.cells), headings.line);
      if (!settled && !body) withoutHeadings();
      return settled ?? (body ? { status: 'table', table: body } : { status: 'no table' });
    },
  };
}
