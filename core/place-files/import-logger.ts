/**
 * A logger's CSV as an indoor place: any column order and names, comma, semicolon or tab, decimal
 * point or comma, °C or °F by the heading. Gaps are reported; months without readings are filled
 * from their neighbours, and that is said.
 */
import Papa from 'papaparse';
import { ranges, round1, upperMedianOf } from '../base';
import { daylightHours } from '../physics/places';
import { findColumns, isHeading, readNumber, toCelsius } from './columns';
import { k } from './constants';
import { dateOrderOf, minutesOf, readMoment } from './moments';
import { binMonths, fillMonths, type Reading, roundMonth } from './month-bins';
import { type FileFaultAt, type FileFaultFact, type ReadingFacts, refused, type RemarkFact } from './result';

export interface LoggerPlace {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

function outside(value: number, quantity: 'temperatureC' | 'relativeHumidityPct'): FileFaultFact | null {
  const { min, max } = ranges[quantity];
  return value < min || value > max ? { code: 'outside', quantity, value, min, max } : null;
}

interface Timed extends Reading {
  readonly minutes: number;
}

export function placeFromLogger(text: string, about: LoggerPlace): ReadingFacts {
  const { data: rows } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const headings = rows.flatMap((cells, i) => (isHeading(cells) ? [i] : []));
  const [headingRow] = headings;
  if (headingRow === undefined) {
    return refused([{ line: 1, fact: { code: 'no headings' } }]);
  }
  if (headings.length > 1) {
    return refused([
      {
        line: headings[1]! + 1,
        fact: { code: 'second headings', firstLine: headingRow + 1 },
      },
    ]);
  }
  const search = findColumns(rows[headingRow]!);
  if (search.status === 'missing')
    return refused([
      { line: headingRow + 1, fact: { code: 'missing columns', lacking: search.lacking, headings: rows[headingRow]! } },
    ]);
  const { columns } = search;
  const body = rows.slice(headingRow + 1).map((cells, i) => ({ cells, line: headingRow + 2 + i }));
  const filledRows = body.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const order = dateOrderOf(filledRows.map(({ cells }) => cells[columns.time] ?? ''));

  const faults: FileFaultAt[] = [];
  const readings: Timed[] = [];
  for (const { cells, line } of filledRows) {
    const when = readMoment(cells[columns.time] ?? '', order);
    const shown = readNumber(cells[columns.temperature] ?? '');
    const humidity = readNumber(cells[columns.humidity] ?? '');
    if (!when) faults.push({ line, fact: { code: 'not a time', text: cells[columns.time] ?? '' } });
    else if (shown === null || humidity === null) faults.push({ line, fact: { code: 'no number', column: null } });
    else {
      const temperatureC = toCelsius(shown, columns.isFahrenheit);
      const wrong = outside(round1(temperatureC), 'temperatureC') ?? outside(humidity, 'relativeHumidityPct');
      if (wrong) faults.push({ line, fact: wrong });
      else {
        readings.push({
          minutes: minutesOf(when),
          monthIndex: when.monthIndex,
          isLight: when.hour >= k.DAY_FROM_HOUR && when.hour < k.DAY_TO_HOUR,
          temperatureC,
          relativeHumidityPct: humidity,
        });
      }
    }
  }
  if (faults.length > 0) return refused(faults);
  if (readings.length < k.LEAST_READINGS) {
    return refused([{ line: 0, fact: { code: 'too few readings', count: readings.length, least: k.LEAST_READINGS } }]);
  }

  const { months, filled } = fillMonths(binMonths(readings));
  return {
    status: 'ok',
    place: {
      id: 'own-place',
      name: about.name,
      note: '',
      setting: 'indoor',
      latitudeDeg: about.latitudeDeg,
      longitudeDeg: about.longitudeDeg,
      altitudeM: 0,
      airflow: 'still room',
      months: months.map((month, i) =>
        roundMonth({
          ...month,
          lightHours: daylightHours(about.latitudeDeg, about.longitudeDeg, i),
          lightWattsPerM2: k.ROOM_LIGHT_W_M2,
          rainMm: 0,
          rainDays: 0,
        }),
      ),
    },
    origin: { code: 'logger', readings: readings.length },
    remarks: [...gapRemarks(readings), ...filledRemark(filled)],
  };
}

function gapRemarks(readings: readonly Timed[]): readonly RemarkFact[] {
  const times = readings.map((reading) => reading.minutes).sort((a, b) => a - b);
  const steps = times.slice(1).map((time, i) => time - times[i]!);
  const usual = Math.max(1, upperMedianOf(steps));
  return steps.flatMap((step, i): RemarkFact[] =>
    step <= usual * k.GAP_STEPS ? [] : [{ code: 'gap', hours: Math.round(step / 60), afterMinutes: times[i]! }],
  );
}

export function filledRemark(filled: readonly number[]): readonly RemarkFact[] {
  return filled.length === 0 ? [] : [{ code: 'filled months', months: filled }];
}
