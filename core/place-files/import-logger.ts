/**
 * A logger's CSV as an indoor place: any column order and names, comma, semicolon or tab, decimal
 * point or comma, °C or °F by the heading. Gaps are reported; months without readings are filled
 * from their neighbours, and that is said.
 */
import Papa from 'papaparse';
import { ranges, round1, upperMedianOf } from '../base';
import { daylightHours, type Place } from '../physics/places';
import { findColumns, isHeading, readNumber, type TemperatureUnit, toCelsius } from './columns';
import { k } from './constants';
import { keepable } from './keepable';
import { dateOrderOf, hasClock, minutesOf, readMoment } from './moments';
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
  if (search.status === 'unclear')
    return refused([
      { line: headingRow + 1, fact: { code: 'unclear column', kind: search.kind, headings: search.headings } },
    ]);
  if (search.status === 'two units')
    return refused([{ line: headingRow + 1, fact: { code: 'two units', heading: search.heading } }]);
  const { columns } = search;
  const body = rows.slice(headingRow + 1).map((cells, i) => ({ cells, line: headingRow + 2 + i }));
  const filledRows = body.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const momentText = (cells: readonly string[]): string => {
    const when = (cells[columns.time] ?? '').trim();
    return columns.clock === null || hasClock(when) ? when : `${when} ${(cells[columns.clock] ?? '').trim()}`;
  };
  const times = filledRows.map(({ cells }) => momentText(cells));
  const order = dateOrderOf(times);
  if (order === null) return refused([{ line: 0, fact: { code: 'unclear dates', example: times[0] ?? '' } }]);
  const heading = (rows[headingRow]![columns.temperature] ?? '').trim();
  const isFahrenheit = readsFahrenheit(
    columns.unit,
    filledRows.flatMap(({ cells }) => readNumber(cells[columns.temperature] ?? '') ?? []),
  );
  if (typeof isFahrenheit === 'number') {
    return refused([{ line: headingRow + 1, fact: { code: 'unknown unit', heading, middle: isFahrenheit } }]);
  }

  const faults: FileFaultAt[] = [];
  const readings: Timed[] = [];
  for (const { cells, line } of filledRows) {
    const when = readMoment(momentText(cells), order);
    const shown = readNumber(cells[columns.temperature] ?? '');
    const humidity = readNumber(cells[columns.humidity] ?? '');
    if (!when) faults.push({ line, fact: { code: 'not a time', text: momentText(cells) } });
    else if (shown === null || humidity === null) faults.push({ line, fact: { code: 'no number', column: null } });
    else {
      const temperatureC = toCelsius(shown, isFahrenheit);
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
  const place: Place = {
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
  };
  const remarks: RemarkFact[] = times.some(hasClock) ? [] : [{ code: 'no clock' }];
  return keepable(place, { code: 'logger', readings: readings.length }, [
    ...remarks,
    ...gapRemarks(readings),
    ...filledRemark(filled),
  ]);
}

/** Whether readings are in °F; where the heading does not say and both may be, their middle. */
function readsFahrenheit(unit: TemperatureUnit, values: readonly number[]): boolean | number {
  if (unit !== null || values.length === 0) return unit === 'F';
  const middle = upperMedianOf(values);
  if (middle <= k.SURELY_CELSIUS_TO) return false;
  return middle >= k.SURELY_FAHRENHEIT_FROM ? true : middle;
}

function gapRemarks(readings: readonly Timed[]): readonly RemarkFact[] {
  const times = [...new Set(readings.map((reading) => reading.minutes))].sort((a, b) => a - b);
  const repeated = readings.length - times.length;
  const steps = times.slice(1).map((time, i) => time - times[i]!);
  const usual = Math.max(1, upperMedianOf(steps));
  const gaps = steps
    .flatMap((step, i) => (step <= usual * k.GAP_STEPS ? [] : [{ minutes: step, afterMinutes: times[i]! }]))
    .sort((a, b) => b.minutes - a.minutes);
  const told = gaps.slice(0, k.MOST_GAPS).sort((a, b) => a.afterMinutes - b.afterMinutes);
  const rest = gaps.slice(k.MOST_GAPS);
  const hoursOf = (minutes: number) => Math.round(minutes / 60);
  return [
    ...(repeated > 0 ? [{ code: 'repeated' as const, count: repeated }] : []),
    ...told.map(({ minutes, afterMinutes }) => ({ code: 'gap' as const, hours: hoursOf(minutes), afterMinutes })),
    ...(rest.length > 0
      ? [
          {
            code: 'more gaps' as const,
            count: rest.length,
            hours: hoursOf(rest.reduce((sum, gap) => sum + gap.minutes, 0)),
          },
        ]
      : []),
  ];
}

export function filledRemark(filled: readonly number[]): readonly RemarkFact[] {
  return filled.length === 0 ? [] : [{ code: 'filled months', months: filled }];
}
