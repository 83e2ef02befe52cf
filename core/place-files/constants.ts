import { byChoice, fromMemory, fromSource, numbersOf } from '../base';

export const fileConstants = {
  DAY_FROM_HOUR: byChoice(8, 'h', 'by day begins, on the logger’s clock'),
  DAY_TO_HOUR: byChoice(20, 'h', 'by day ends'),
  GAP_STEPS: byChoice(4, 'steps', 'a pause so many times the usual step is a gap'),
  ROOM_LIGHT_W_M2: fromMemory(30, 'W/m²', 'on a windowsill plant while the sun is up'),
  SURELY_CELSIUS_TO: fromMemory(
    34,
    '',
    'a middle reading up to it, of no stated unit, is °C: no plant’s place is warmer',
  ),
  SURELY_FAHRENHEIT_FROM: fromMemory(50, '', 'a middle reading from it on, of no stated unit, is °F'),
  MOST_GAPS: byChoice(3, 'gaps', 'told one by one, the longest; the rest together'),
  LEAST_READINGS: byChoice(24, 'readings', 'fewer make no climate'),
  MOST_FAULTS: byChoice(12, 'lines', 'a file with thousands of wrong lines is answered with the first few'),
  TYPICAL_YEAR: byChoice(2025, '', 'year in which hours of a typical year are written'),
  HEADING_LINES: fromSource(
    8,
    'lines',
    'EnergyPlus, Auxiliary Programs: EPW data dictionary',
    'of headings in an EPW file',
  ),
  LEAST_FIELDS: fromSource(
    22,
    'fields',
    'EnergyPlus, Auxiliary Programs: EPW data dictionary',
    'of an EPW hour up to the wind',
  ),
  LIGHT_FROM_W_M2: fromMemory(20, 'W/m²', 'of open sun make it day'),
  SUN_SHARE_ON_POT: fromMemory(0.35, 'share', 'of the open sun reaches a pot: plants stand in shade'),
  WIND_SHARE_AT_POT: fromMemory(0.3, 'share', 'of the wind in the open at 10 m blows among pots and walls'),
  WINDY_FROM_MS: fromMemory(1.5, 'm/s', 'at the pot from which a place counts as windy'),
  RAIN_DAY_FROM_MM: fromSource(
    1,
    'mm',
    'WMO Guide to Climatological Practices, from memory',
    'a day with less is no rain day',
  ),
  EPW_MOST_HUMIDITY_PCT: fromSource(
    110,
    '%',
    'EnergyPlus, Auxiliary Programs: EPW data dictionary',
    'the most an EPW field may hold',
  ),
  EPW_LEAST_C: fromSource(
    -70,
    '°C',
    'EnergyPlus, Auxiliary Programs: EPW data dictionary',
    'the least an EPW field may hold',
  ),
  LEAST_HOURS: byChoice(24, 'h', 'fewer than a day’s make no climate'),
} as const;

export const k = numbersOf(fileConstants);
