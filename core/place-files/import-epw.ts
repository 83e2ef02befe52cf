/**
 * An EPW weather file as an outdoor place. Format: EnergyPlus Weather File, Auxiliary Programs
 * documentation: eight heading lines, then one line per hour with 35 fields.
 */
import { ranges, MONTHS_PER_YEAR } from '../base';
import type { AirflowClass } from '../physics/air';
import { type Place } from '../physics/places';
import { k } from './reading/constants';
import { keepable } from './reading/keepable';
import { addTo, binMonths, emptyYear, fillMonths, roundMonth } from './reading/month-bins';
import { filledRemark } from './reading/remarks';
import { type FileFaultAt, type FileFaultFact, type ReadingFacts, refused, type RemarkFact } from './reading/result';
import type { Row } from './reading/rows';
import type { TableFile } from './reading/table-file';

// Fields of a data line, from 0.
const MONTH = 1;
const DAY = 2;
const DRY_BULB_C = 6;
const HUMIDITY_PCT = 8;
const GLOBAL_W_M2 = 13;
const WIND_MS = 21;
const RAIN_MM = 33;
const MOST_DAYS_IN_MONTH = 31;
/** From these values on a field counts as missing (EPW documentation). */
const MISSING = { temperature: 99.9, humidity: 999, radiation: 9999, wind: 999, rain: 999 } as const;

interface MonthSums {
  lightHours: number;
  lightW: number;
  /** Rain by day of the month, mm. */
  readonly days: Map<number, number>;
}

/** The hours taken in so far. */
interface Hours {
  readonly temperaturesC: ReturnType<typeof emptyYear>;
  readonly humiditiesPct: ReturnType<typeof emptyYear>;
  readonly months: readonly MonthSums[];
  readonly faults: FileFaultAt[];
  faultCount: number;
  count: number;
  windSum: number;
  windCount: number;
  lacking: number;
}

function noHours(): Hours {
  return {
    temperaturesC: emptyYear(),
    humiditiesPct: emptyYear(),
    months: Array.from({ length: MONTHS_PER_YEAR }, () => ({ lightHours: 0, lightW: 0, days: new Map() })),
    faults: [],
    faultCount: 0,
    count: 0,
    windSum: 0,
    windCount: 0,
    lacking: 0,
  };
}

function numberAt(cells: readonly string[], index: number): number {
  const text = cells[index];
  return text === undefined || text.trim() === '' ? NaN : Number(text);
}

/** Rain, light and wind of an hour. */
function takeSky(hours: Hours, cells: readonly string[], month: MonthSums): boolean {
  const radiation = numberAt(cells, GLOBAL_W_M2);
  const wind = numberAt(cells, WIND_MS);
  const rain = numberAt(cells, RAIN_MM);
  const day = numberAt(cells, DAY);
  month.days.set(day, (month.days.get(day) ?? 0) + (rain >= 0 && rain < MISSING.rain ? rain : 0));
  const isLight = radiation < MISSING.radiation && radiation > k.LIGHT_FROM_W_M2;
  if (isLight) {
    month.lightHours += 1;
    month.lightW += radiation;
  }
  if (wind >= 0 && wind < MISSING.wind) {
    hours.windSum += wind;
    hours.windCount += 1;
  }
  return isLight;
}

/** Takes in an hour; what is wrong with it, if anything. */
function takeHour(hours: Hours, cells: readonly string[]): FileFaultFact | null {
  if (cells.length < k.LEAST_FIELDS) return { code: 'too few fields', count: cells.length };
  const monthIndex = numberAt(cells, MONTH) - 1;
  const month = Number.isInteger(monthIndex) ? hours.months[monthIndex] : undefined;
  if (!month) return { code: 'not a month', text: (cells[MONTH] ?? '').slice(0, k.MOST_CELL_SHOWN) };
  const day = numberAt(cells, DAY);
  if (!(Number.isInteger(day) && day >= 1 && day <= MOST_DAYS_IN_MONTH)) {
    return { code: 'not a day', text: (cells[DAY] ?? '').slice(0, k.MOST_CELL_SHOWN) };
  }
  const isLight = takeSky(hours, cells, month);
  const temperatureC = numberAt(cells, DRY_BULB_C);
  const humidity = numberAt(cells, HUMIDITY_PCT);
  if (!(temperatureC < MISSING.temperature) || !(humidity < MISSING.humidity)) {
    hours.lacking += 1;
    return null;
  }
  if (humidity < 0 || humidity > k.EPW_MOST_HUMIDITY_PCT) {
    const [min, max] = [0, k.EPW_MOST_HUMIDITY_PCT];
    return { code: 'outside', quantity: 'relativeHumidityPct', value: humidity, min, max };
  }
  if (temperatureC < k.EPW_LEAST_C) return { code: 'too cold', temperatureC, leastC: k.EPW_LEAST_C };
  hours.count += 1;
  addTo(hours.temperaturesC, monthIndex, isLight, temperatureC);
  addTo(hours.humiditiesPct, monthIndex, isLight, Math.min(100, humidity));
  return null;
}

function placeOf(hours: Hours, location: readonly string[]): ReadingFacts {
  const [latitudeDeg, longitudeDeg, altitudeM] = [numberAt(location, 6), numberAt(location, 7), numberAt(location, 9)];
  if (
    ![latitudeDeg, longitudeDeg, altitudeM].every(Number.isFinite) ||
    Math.abs(latitudeDeg) > ranges.latitudeDeg.max ||
    Math.abs(longitudeDeg) > ranges.longitudeDeg.max
  ) {
    return refused([{ line: 1, fact: { code: 'EPW location' } }]);
  }
  if (hours.faultCount > 0) return refused(hours.faults, hours.faultCount);
  if (hours.count < k.LEAST_HOURS) return refused([{ line: 0, fact: { code: 'too few hours', count: hours.count } }]);

  const { months, filled } = fillMonths(binMonths(hours.temperaturesC, hours.humiditiesPct));
  const meanWindMS = hours.windCount > 0 ? (hours.windSum / hours.windCount) * k.WIND_SHARE_AT_POT : 0;
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
      const { lightHours, lightW, days } = hours.months[i]!;
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
  const remarks: RemarkFact[] = hours.lacking > 0 ? [{ code: 'left out', hours: hours.lacking }] : [];
  return keepable(place, { code: 'epw' }, [...remarks, ...filledRemark(filled)]);
}

export function epwTable(): TableFile {
  const hours = noHours();
  let location: readonly string[] = [];
  return {
    row: ({ cells, line }: Row) => {
      if (line === 1) location = cells;
      const isBlank = cells.length === 1 && cells[0]!.trim() === '';
      if (line <= k.HEADING_LINES || isBlank) return;
      const fact = takeHour(hours, cells);
      if (!fact) return;
      hours.faultCount += 1;
      if (hours.faults.length < k.MOST_FAULTS) hours.faults.push({ line, fact });
    },
    isSettled: () => false,
    finish: () => placeOf(hours, location),
  };
}
