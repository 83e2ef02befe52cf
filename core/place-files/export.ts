/**
 * A place as files that other programs read: an EPW weather file and a logger's CSV, both hour by hour
 * for one typical year. A place is twelve months of days and nights, so every day of a month is
 * alike: the file says so, and reading it back gives the place again.
 */
import { airSpeedMS, dewPointC, pressureAtAltitudeKPa } from '../physics/air';
import { daysInMonth, type MonthAir, type Place } from '../physics/places';
import { k } from './reading/constants';

/** Light is centred on 13 h, as in the dry-down. */
const MIDDAY_HOUR = 13;

interface TypicalHour {
  readonly month: number;
  readonly day: number;
  /** 0..23, the hour that begins then. */
  readonly hour: number;
  readonly isLight: boolean;
  readonly air: MonthAir['day'];
  readonly source: MonthAir;
}

function typicalHours(place: Place): readonly TypicalHour[] {
  return place.months.flatMap((source, monthIndex) =>
    Array.from({ length: daysInMonth[monthIndex]! * 24 }, (_, k): TypicalHour => {
      const hour = k % 24;
      const distance = Math.abs(hour + 0.5 - MIDDAY_HOUR);
      const isLight = Math.min(distance, 24 - distance) < source.lightHours / 2;
      return {
        month: monthIndex + 1,
        day: Math.floor(k / 24) + 1,
        hour,
        isLight,
        air: isLight ? source.day : source.night,
        source,
      };
    }),
  );
}

const two = (value: number): string => String(value).padStart(2, '0');

/** Hourly CSV: time, temperature in °C, relative humidity in %. */
export function loggerCsv(place: Place): string {
  const rows = typicalHours(place).map(
    ({ month, day, hour, air }) =>
      `${k.TYPICAL_YEAR}-${two(month)}-${two(day)} ${two(hour)}:00,${air.temperatureC},${air.relativeHumidityPct}`,
  );
  return ['time,temperature °C,humidity %', ...rows].join('\n') + '\n';
}

/** Rain of a month laid on its rain days, in one hour each, mm. */
function rainMmAt({ source, month, day, hour }: TypicalHour): number {
  if (source.rainMm <= 0 || source.rainDays <= 0 || hour !== 6) return 0;
  const days = daysInMonth[month - 1]!;
  const falls = Math.floor((day * source.rainDays) / days) > Math.floor(((day - 1) * source.rainDays) / days);
  return falls ? source.rainMm / source.rainDays : 0;
}

/**
 * EnergyPlus weather format: eight header lines, then 8,760 hours of 35 fields. What a place does not
 * know is written as the format's "missing". Sun and wind are put back to the open, from the share
 * of them that the import lets reach a pot.
 */
export function epwFile(place: Place): string {
  const { latitudeDeg, longitudeDeg, altitudeM } = place;
  const zone = Math.round(longitudeDeg / 15);
  const header = [
    `LOCATION,${place.name.replaceAll(',', ' ')},-,-,typical months,-,${latitudeDeg},${longitudeDeg},${zone},${altitudeM}`,
    'DESIGN CONDITIONS,0',
    'TYPICAL/EXTREME PERIODS,0',
    'GROUND TEMPERATURES,0',
    'HOLIDAYS/DAYLIGHT SAVINGS,No,0,0,0',
    'COMMENTS 1,Every day of a month is alike: made from monthly means of day and night',
    'COMMENTS 2,',
    'DATA PERIODS,1,1,Data,Wednesday,1/1,12/31',
  ];
  const pressurePa = Math.round(pressureAtAltitudeKPa(altitudeM) * 1000);
  const rows = typicalHours(place).map((typical) => {
    const { month, day, hour, isLight, air, source } = typical;
    const sunWM2 = isLight ? Math.round(source.lightWattsPerM2 / k.SUN_SHARE_ON_POT) : 0;
    const windMS = airSpeedMS[(source.elsewhere ?? place).airflow] / k.WIND_SHARE_AT_POT;
    const dewC = dewPointC(air.temperatureC, air.relativeHumidityPct).toFixed(1);
    const rainMm = rainMmAt(typical);
    return [
      k.TYPICAL_YEAR,
      month,
      day,
      hour + 1,
      60,
      '?9',
      air.temperatureC,
      dewC,
      air.relativeHumidityPct,
      pressurePa,
      9999,
      9999,
      9999,
      sunWM2,
      9999,
      9999,
      999999,
      999999,
      999999,
      9999,
      999,
      windMS.toFixed(1),
      99,
      99,
      9999,
      99999,
      9,
      999999999,
      999,
      0.999,
      999,
      99,
      999,
      rainMm.toFixed(1),
      rainMm > 0 ? 1 : 0,
    ].join(',');
  });
  return [...header, ...rows].join('\n') + '\n';
}
