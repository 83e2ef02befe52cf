/** Monthly means as CSV: how a place is written out, and read back the same. */
import Papa from 'papaparse';
import { checkWith } from '../base';
import { placeSchema } from '../case';
import type { Place } from '../physics/places';
import { readNumber } from './reading/read-number';
import { type FileFaultAt, type ReadingFacts, refused } from './reading/result';
import type { TableFile } from './reading/table-file';

const columns = [
  'month',
  'day_temperature_c',
  'day_humidity_pct',
  'night_temperature_c',
  'night_humidity_pct',
  'light_hours',
  'light_w_m2',
  'rain_mm',
  'rain_days',
] as const;
type Column = (typeof columns)[number];
const optional: readonly Column[] = ['light_hours', 'light_w_m2', 'rain_mm', 'rain_days'];
const otherwise: Readonly<Partial<Record<Column, number>>> = {
  light_hours: 12,
  light_w_m2: 30,
  rain_mm: 0,
  rain_days: 0,
};

export function monthlyCsv(place: Place): string {
  return Papa.unparse(
    place.months.map((month, i) => ({
      month: i + 1,
      day_temperature_c: month.day.temperatureC,
      day_humidity_pct: month.day.relativeHumidityPct,
      night_temperature_c: month.night.temperatureC,
      night_humidity_pct: month.night.relativeHumidityPct,
      light_hours: month.lightHours,
      light_w_m2: month.lightWattsPerM2,
      rain_mm: month.rainMm,
      rain_days: month.rainDays,
    })),
    { columns: [...columns], newline: '\n' },
  );
}

/** Everything about a place but its months. */
type PlaceAbout = Omit<Place, 'months'>;

export const isMonthly = (firstLine: string): boolean => /day_temperature_c/i.test(firstLine);

function placeFromMonthly(rows: readonly (readonly string[])[], about: PlaceAbout): ReadingFacts {
  const heading = (rows[0] ?? []).map((cell) => cell.trim().toLowerCase());
  const second = rows.findIndex((cells, i) => i > 0 && cells.some((cell) => cell.trim().toLowerCase() === 'month'));
  if (second > 0) return refused([{ line: second + 1, fact: { code: 'second headings', firstLine: 1 } }]);
  const missing = columns.filter((column) => !heading.includes(column) && !optional.includes(column));
  if (missing.length > 0) return refused([{ line: 1, fact: { code: 'headings lack', columns: missing } }]);
  const body = rows.slice(1);
  if (body.length !== 12) return refused([{ line: 0, fact: { code: 'twelve months', count: body.length } }]);

  const faults: FileFaultAt[] = [];
  const months = body.map((cells, i) => {
    const line = i + 2;
    const value = (column: Column): number => {
      const at = heading.indexOf(column);
      if (at < 0) return otherwise[column]!;
      const read = readNumber(cells[at] ?? '');
      if (read === null) faults.push({ line, fact: { code: 'no number', column } });
      return read ?? 0;
    };
    if (value('month') !== i + 1) faults.push({ line, fact: { code: 'month order', month: i + 1 } });
    return {
      day: { temperatureC: value('day_temperature_c'), relativeHumidityPct: value('day_humidity_pct') },
      night: { temperatureC: value('night_temperature_c'), relativeHumidityPct: value('night_humidity_pct') },
      lightHours: value('light_hours'),
      lightWattsPerM2: value('light_w_m2'),
      rainMm: value('rain_mm'),
      rainDays: value('rain_days'),
    };
  });
  if (faults.length > 0) return refused(faults);
  const parsed = checkWith(placeSchema, { ...about, months });
  if (parsed.status === 'faulty') {
    return refused(
      parsed.faults.map((fault) => {
        const month = /^months\.(\d+)\./.exec(fault.path);
        return { line: month ? Number(month[1]) + 2 : 0, fact: { code: 'field', path: null, fact: fault.fact } };
      }),
    );
  }
  return { status: 'ok', place: parsed.value as Place, origin: { code: 'monthly' }, remarks: [] };
}

/** More rows than twelve months, their headings and some empty lines: no monthly means. */
const MOST_ROWS = 60;

export function monthlyTable(): TableFile {
  const rows: (readonly string[])[] = [];
  let rowCount = 0;
  return {
    row: ({ cells }) => {
      rowCount += 1;
      if (rowCount <= MOST_ROWS) rows.push(cells);
    },
    isSettled: () => rowCount > MOST_ROWS,
    finish: (about) => {
      while (rows.at(-1)?.every((cell) => cell.trim() === '')) rows.pop();
      return placeFromMonthly(rows, {
        id: 'own-place',
        note: '',
        setting: 'indoor',
        altitudeM: 0,
        airflow: 'still room',
        ...about,
      });
    },
  };
}
