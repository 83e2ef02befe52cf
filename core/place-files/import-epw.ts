/**
 * An EPW weather file as an outdoor place. Format: EnergyPlus Weather File, Auxiliary Programs
 * documentation: eight heading lines, then one line per hour with 35 fields.
 */
import Papa from 'papaparse';
import { ranges } from '../base';
import type { AirflowClass } from '../physics/air';
import type { Place } from '../physics/places';
import { k } from './constants';
import { filledRemark } from './import-logger';
import { keepable } from './keepable';
import { binMonths, fillMonths, type Reading, roundMonth } from './month-bins';
import { type FileFaultAt, type ReadingFacts, refused, type RemarkFact } from './result';

// Fields of a data line, from 0.
const MONTH = 1;
const DAY = 2;
const DRY_BULB_C = 6;
const HUMIDITY_PCT = 8;
const GLOBAL_W_M2 = 13;
const WIND_MS = 21;
const RAIN_MM = 33;
/** From these values on a field counts as missing (EPW documentation). */
const MISSING = { temperature: 99.9, humidity: 999, radiation: 9999, wind: 999, rain: 999 } as const;

interface MonthSums {
  lightHours: number;
  lightW: number;
  rainMm: number;
  readonly days: Map<number, number>;
}

function numberAt(cells: readonly string[], index: number): number {
  const text = cells[index];
  return text === undefined || text.trim() === '' ? NaN : Number(text);
}

export function placeFromEpw(text: string): ReadingFacts {
  const { data: rows } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trimEnd(), { delimiter: ',' });
  const location = rows[0] ?? [];
  if ((location[0] ?? '').toUpperCase() !== 'LOCATION') {
    return refused([{ line: 1, fact: { code: 'not EPW' } }]);
  }
  const [latitudeDeg, longitudeDeg, altitudeM] = [numberAt(location, 6), numberAt(location, 7), numberAt(location, 9)];
  if (
    ![latitudeDeg, longitudeDeg, altitudeM].every(Number.isFinite) ||
    Math.abs(latitudeDeg) > ranges.latitudeDeg.max ||
    Math.abs(longitudeDeg) > ranges.longitudeDeg.max
  ) {
    return refused([{ line: 1, fact: { code: 'EPW location' } }]);
  }

  const faults: FileFaultAt[] = [];
  const readings: Reading[] = [];
  const sums: MonthSums[] = Array.from({ length: 12 }, () => ({
    lightHours: 0,
    lightW: 0,
    rainMm: 0,
    days: new Map(),
  }));
  let windSum = 0;
  let windCount = 0;
  let lacking = 0;
  rows.slice(k.HEADING_LINES).forEach((cells, i) => {
    const line = k.HEADING_LINES + 1 + i;
    const monthIndex = numberAt(cells, MONTH) - 1;
    if (cells.length < k.LEAST_FIELDS) faults.push({ line, fact: { code: 'too few fields', count: cells.length } });
    else if (!(Number.isInteger(monthIndex) && monthIndex >= 0 && monthIndex < 12))
      faults.push({ line, fact: { code: 'not a month', text: cells[MONTH] ?? '' } });
    else {
      const temperatureC = numberAt(cells, DRY_BULB_C);
      const humidity = numberAt(cells, HUMIDITY_PCT);
      const radiation = numberAt(cells, GLOBAL_W_M2);
      const wind = numberAt(cells, WIND_MS);
      const rain = numberAt(cells, RAIN_MM);
      const month = sums[monthIndex]!;
      const dayOfMonth = numberAt(cells, DAY);
      const isLight = radiation < MISSING.radiation && radiation > k.LIGHT_FROM_W_M2;
      month.days.set(dayOfMonth, (month.days.get(dayOfMonth) ?? 0) + (rain >= 0 && rain < MISSING.rain ? rain : 0));
      if (isLight) {
        month.lightHours += 1;
        month.lightW += radiation;
      }
      if (wind >= 0 && wind < MISSING.wind) {
        windSum += wind;
        windCount += 1;
      }
      if (!(temperatureC < MISSING.temperature) || !(humidity < MISSING.humidity)) lacking += 1;
      else if (humidity < 0 || humidity > k.EPW_MOST_HUMIDITY_PCT) {
        const [min, max] = [0, k.EPW_MOST_HUMIDITY_PCT];
        faults.push({ line, fact: { code: 'outside', quantity: 'relativeHumidityPct', value: humidity, min, max } });
      } else if (temperatureC < k.EPW_LEAST_C)
        faults.push({ line, fact: { code: 'too cold', temperatureC, leastC: k.EPW_LEAST_C } });
      else readings.push({ monthIndex, isLight, temperatureC, relativeHumidityPct: Math.min(100, humidity) });
    }
  });
  if (faults.length > 0) return refused(faults);
  if (readings.length < k.LEAST_HOURS)
    return refused([{ line: 0, fact: { code: 'too few hours', count: readings.length } }]);

  const { months, filled } = fillMonths(binMonths(readings));
  const meanWindMS = windCount > 0 ? (windSum / windCount) * k.WIND_SHARE_AT_POT : 0;
  const airflow: AirflowClass = meanWindMS > k.WINDY_FROM_MS ? 'windy' : 'sheltered outdoors';
  const place: Place = {
    id: 'own-place',
    name: (location[1] ?? 'Weather file').slice(0, 80) || 'Weather file',
    note: '',
    setting: 'outdoor',
    latitudeDeg,
    longitudeDeg,
    altitudeM: Math.min(ranges.altitudeM.max, Math.max(ranges.altitudeM.min, altitudeM)),
    airflow,
    months: months.map((month, i) => {
      const { lightHours, lightW, days } = sums[i]!;
      const rains = [...days.values()];
      return roundMonth({
        ...month,
        lightHours: days.size > 0 ? lightHours / days.size : 12,
        lightWattsPerM2: lightHours > 0 ? (lightW / lightHours) * k.SUN_SHARE_ON_POT : 0,
        rainMm: rains.reduce((sum, rain) => sum + rain, 0),
        rainDays: rains.filter((rain) => rain >= k.RAIN_DAY_FROM_MM).length,
      });
    }),
  };
  const remarks: RemarkFact[] = lacking > 0 ? [{ code: 'left out', hours: lacking }] : [];
  return keepable(place, { code: 'epw' }, [...remarks, ...filledRemark(filled)]);
}
