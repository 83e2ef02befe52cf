/** What is kept, as tables for a spreadsheet (RFC 4180): a heading line, then piece by piece what there is. */
import { IsolationLevel } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import Papa from 'papaparse';
import { genusById, genusIds, guardedCell, mediumById, mediumIds, stockName, stockUnitOf, upgraded } from '@core';
import { StoredPlace } from '../../records/places/entity';
import { placeVersions, wholePlaceSchema } from '../../records/places/schemas';
import type { Scope } from '../../records/collections/scope';
import { listStock } from '../../records/stock/repository';
import { type TableKind, tableSql } from './kinds';

const LINE_END = '\r\n';
const ROWS_AT_ONCE = 1000;

type Cells = Readonly<Record<string, string | number | null | undefined>>;

const lineOf = (cells: readonly (string | number | null | undefined)[]): string =>
  Papa.unparse([cells.map((cell) => (typeof cell === 'string' ? guardedCell(cell) : (cell ?? '')))], {
    // Where a comma is the decimal point, a semicolon or a tab ends a cell that has no quotes.
    quotes: (value: unknown) => typeof value === 'string' && /[;\t]/.test(value),
  }) + LINE_END;
const linesOf = (rows: readonly Cells[]): string => rows.map((row) => lineOf(Object.values(row))).join('');

/** Of the few rows that the program itself puts together. */
async function* whole(headings: readonly string[], rows: Promise<readonly Cells[]>): AsyncGenerator<string> {
  yield lineOf(headings);
  yield linesOf(await rows);
}

const catalogue = (ids: readonly string[], nameOf: (id: string) => string): string =>
  JSON.stringify(ids.map((id) => ({ id, name: nameOf(id) })));

async function* queried(em: EntityManager, sql: string, values: readonly unknown[]): AsyncGenerator<string> {
  await em.begin({ isolationLevel: IsolationLevel.REPEATABLE_READ, readOnly: true });
  try {
    await em.execute(`declare table_rows no scroll cursor for ${sql}`, [...values]);
    let isFirst = true;
    for (;;) {
      const rows = await em.execute<Cells[]>(`fetch ${ROWS_AT_ONCE} from table_rows`);
      if (isFirst) yield lineOf(await headingsOf(em, rows, sql, values));
      isFirst = false;
      if (rows.length === 0) break;
      yield linesOf(rows);
    }
    await em.commit();
  } finally {
    // Also where whoever fetched it stopped.
    if (em.isInTransaction()) await em.rollback();
  }
}

/** Also of a table without a row: a row of nothing has the same columns. */
async function headingsOf(
  em: EntityManager,
  rows: readonly Cells[],
  sql: string,
  values: readonly unknown[],
): Promise<readonly string[]> {
  const [first] = rows;
  if (first) return Object.keys(first);
  const [empty] = await em.execute<Cells[]>(
    `select nothing.* from (select 1) one left join (${sql}) nothing on false`,
    [...values],
  );
  return Object.keys(empty ?? {});
}

async function stockRows(em: EntityManager, scope: Scope): Promise<readonly Cells[]> {
  const { items } = await listStock(em, scope);
  return items.map(({ data: { thing, lowAt, bagL, price, note }, amount, countedOn }) => ({
    what: stockName(thing),
    amount,
    unit: stockUnitOf(thing),
    lowAt,
    bagL,
    price: price?.amount,
    currency: price?.currency,
    countedOn,
    note,
  }));
}

async function airRows(em: EntityManager, scope: Scope): Promise<readonly Cells[]> {
  const places = await em.find(
    StoredPlace,
    { collection: scope.collectionId, deletedAt: null },
    { orderBy: { name: 'asc', id: 'asc' } },
  );
  return places.flatMap(({ name, air, airVersion }) => {
    const current = upgraded(air, airVersion, placeVersions);
    const parsed = current.status === 'ok' ? wholePlaceSchema.safeParse(current.value) : null;
    return (parsed?.success ? parsed.data.months : []).map(({ day, night, ...month }, n) => ({
      place: name,
      month: n + 1,
      dayC: day.temperatureC,
      dayHumidity: day.relativeHumidityPct,
      nightC: night.temperatureC,
      nightHumidity: night.relativeHumidityPct,
      lightHours: month.lightHours,
      lightWatts: month.lightWattsPerM2,
      rainMm: month.rainMm,
      rainDays: month.rainDays,
    }));
  });
}

const stockHeadings = [
  'what',
  'amount',
  'unit',
  'little is',
  'a bag holds, L',
  'price',
  'currency',
  'counted on',
  'note',
];
const airHeadings = [
  'place',
  'month',
  'day °C',
  'day humidity %',
  'night °C',
  'night humidity %',
  'hours of light',
  'light W/m²',
  'rain mm a month',
  'rain days',
];

/** em: of its own, since it holds a transaction until the last piece is taken. */
export function tableText(em: EntityManager, scope: Scope, kind: TableKind): AsyncGenerator<string> {
  switch (kind) {
    case 'plants': {
      const genera = catalogue(genusIds, (id) => genusById(id).name);
      const media = catalogue(mediumIds, (id) => mediumById(id).name);
      return queried(em, tableSql.plants, [genera, media, scope.collectionId]);
    }
    case 'events':
    case 'readings':
      return queried(em, tableSql[kind], [scope.collectionId]);
    case 'stock':
      return whole(stockHeadings, stockRows(em, scope));
    case 'air':
      return whole(airHeadings, airRows(em, scope));
  }
}
