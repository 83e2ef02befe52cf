/**
 * A logger's CSV as an indoor place: any column order and names, comma, semicolon or tab, decimal
 * point or comma, °C or °F by the heading. Gaps are reported; months without readings are filled
 * from their neighbours, and that is said.
 */
import Papa from 'papaparse';
import { ranges } from '../base';
import { daylightHours } from '../physics/places';
import { monthNames } from '../words';
import { findColumns, isHeading, readNumber, toCelsius } from './columns';
import { dateOrderOf, minutesOf, readMoment } from './moments';
import { binMonths, fillMonths, type Reading, roundMonth } from './month-bins';
import { type FileFault, type PlaceReading, refused } from './result';

export interface LoggerPlace {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

/** By day is 8 to 20 h on the logger's clock. */
const DAY_FROM_HOUR = 8;
const DAY_TO_HOUR = 20;
/** A pause this many times the usual step is a gap. */
const GAP_STEPS = 4;
/** Light on a windowsill plant while the sun is up, W/m² (from memory). */
const ROOM_LIGHT_W_M2 = 30;
const LEAST_READINGS = 24;

function outside(value: number, name: 'temperatureC' | 'relativeHumidityPct'): string | null {
  const range = ranges[name];
  return value < range.min || value > range.max
    ? `${range.label} ${value} is outside ${range.min} to ${range.max} ${range.unit}`
    : null;
}

interface Timed extends Reading {
  readonly minutes: number;
}

export function placeFromLogger(text: string, about: LoggerPlace): PlaceReading {
  const { data: rows } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const headings = rows.flatMap((cells, i) => (isHeading(cells) ? [i] : []));
  const [headingRow] = headings;
  if (headingRow === undefined) {
    return refused([{ line: 1, message: 'no line of headings that names a time and a temperature' }]);
  }
  if (headings.length > 1) {
    return refused([
      {
        line: headings[1]! + 1,
        message: `a second line of headings; the first is line ${headingRow + 1}. Two files in one?`,
      },
    ]);
  }
  const search = findColumns(rows[headingRow]!);
  if (search.status === 'missing') return refused([{ line: headingRow + 1, message: search.message }]);
  const { columns } = search;
  const body = rows.slice(headingRow + 1).map((cells, i) => ({ cells, line: headingRow + 2 + i }));
  const filledRows = body.filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const order = dateOrderOf(filledRows.map(({ cells }) => cells[columns.time] ?? ''));

  const faults: FileFault[] = [];
  const readings: Timed[] = [];
  for (const { cells, line } of filledRows) {
    const when = readMoment(cells[columns.time] ?? '', order);
    const shown = readNumber(cells[columns.temperature] ?? '');
    const humidity = readNumber(cells[columns.humidity] ?? '');
    if (!when) faults.push({ line, message: `"${cells[columns.time] ?? ''}" is not a time such as 2026-04-18 14:30` });
    else if (shown === null || humidity === null)
      faults.push({ line, message: 'temperature or humidity is missing or not a number' });
    else {
      const temperatureC = toCelsius(shown, columns.isFahrenheit);
      const wrong =
        outside(Math.round(temperatureC * 10) / 10, 'temperatureC') ?? outside(humidity, 'relativeHumidityPct');
      if (wrong) faults.push({ line, message: wrong });
      else {
        readings.push({
          minutes: minutesOf(when),
          monthIndex: when.monthIndex,
          isLight: when.hour >= DAY_FROM_HOUR && when.hour < DAY_TO_HOUR,
          temperatureC,
          relativeHumidityPct: humidity,
        });
      }
    }
  }
  if (faults.length > 0) return refused(faults);
  if (readings.length < LEAST_READINGS) {
    return refused([{ line: 0, message: `only ${readings.length} readings; at least ${LEAST_READINGS} are needed` }]);
  }

  const { months, filled } = fillMonths(binMonths(readings));
  return {
    status: 'ok',
    place: {
      id: 'own-place',
      name: about.name,
      note: `From a logger, ${readings.length} readings.`,
      setting: 'indoor',
      latitudeDeg: about.latitudeDeg,
      longitudeDeg: about.longitudeDeg,
      altitudeM: 0,
      airflow: 'still room',
      months: months.map((month, i) =>
        roundMonth({
          ...month,
          lightHours: daylightHours(about.latitudeDeg, about.longitudeDeg, i),
          lightWattsPerM2: ROOM_LIGHT_W_M2,
          rainMm: 0,
          rainDays: 0,
        }),
      ),
    },
    remarks: [...gapRemarks(readings), ...filledRemark(filled)],
  };
}

function gapRemarks(readings: readonly Timed[]): string[] {
  const times = readings.map((reading) => reading.minutes).sort((a, b) => a - b);
  const steps = times.slice(1).map((time, i) => time - times[i]!);
  const usual = [...steps].sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 60;
  return steps.flatMap((step, i) => {
    if (step <= Math.max(usual, 1) * GAP_STEPS) return [];
    const from = new Date(times[i]! * 60000).toISOString().slice(0, 16).replace('T', ' ');
    return [`no readings for ${Math.round(step / 60)} h after ${from}`];
  });
}

export function filledRemark(filled: readonly number[]): string[] {
  if (filled.length === 0) return [];
  return [`no readings in ${filled.map((month) => monthNames[month]).join(', ')}: filled from the months beside`];
}
