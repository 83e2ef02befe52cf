/**
 * Finds the columns of a logger's table by their headings, whatever their order, and says where a
 * heading leaves a choice: a wrong guess is worse than a question.
 */
import { fahrenheitToCelsius } from '../base';

const columnKinds = ['time', 'temperature', 'humidity'] as const;
export type ColumnKind = (typeof columnKinds)[number];
/** null: the heading names none. */
export type TemperatureUnit = 'C' | 'F' | null;

export interface FoundColumns {
  readonly time: number;
  /** The clock, where it stands in a column beside the date. */
  readonly clock: number | null;
  readonly temperature: number;
  readonly humidity: number;
  readonly unit: TemperatureUnit;
}

export type ColumnSearch =
  | { readonly status: 'found'; readonly columns: FoundColumns }
  | { readonly status: 'missing'; readonly lacking: readonly ColumnKind[] }
  | { readonly status: 'unclear'; readonly kind: ColumnKind; readonly headings: readonly string[] }
  | { readonly status: 'two units'; readonly heading: string };

const both = /date.{0,3}time|time.{0,3}date|timestamp|time.stamp|datum.{0,3}zeit|zeitstempel|fecha.{0,3}hora/i;
const date = /\b(date|day|datum|tag|fecha)\b/i;
const clock = /\b(time|clock|zeit|uhrzeit|hora|heure|hour)\b/i;
const celsius = /[°º]\s*c\b|℃|celsius|centigrade|\bdeg\.?\s*c\b|[[(_]c[\])]?\s*$/i;
const fahrenheit = /[°º]\s*f\b|℉|fahrenheit|\bdeg\.?\s*f\b|[[(_]f[\])]?\s*$/i;
const temperature = /temp|^\s*t\b|wärme/i;
/** What is no temperature of the air, and no relative humidity, whatever else its heading says. */
const otherTemperature = /dew|tau|wet.?bulb|feels|heat.?index|soil|substrate|boden|set.?point|calib/i;
const relative = /\brel\b|relativ|\br\.?\s?h\b/i;
const humidity = /hum|feuchte|hygro/i;
const otherHumidity =
  /abs|specific|g\s?\/\s?(m|kg)|mixing|vpd|soil|substrate|boden|dew|tau|batter|akku|charge|signal|light|licht|cloud|rain|regen|calib/i;

/** Of columns that may be meant, those with the strongest heading. */
function strongest(cells: readonly string[], strengthOf: (cell: string) => number): readonly number[] {
  const strengths = cells.map(strengthOf);
  const most = Math.max(0, ...strengths);
  return most === 0 ? [] : strengths.flatMap((strength, i) => (strength === most ? [i] : []));
}

function temperatureStrength(cell: string): number {
  if (otherTemperature.test(cell)) return 0;
  const hasUnit = celsius.test(cell) || fahrenheit.test(cell);
  if (temperature.test(cell)) return hasUnit ? 3 : 2;
  return hasUnit && !humidity.test(cell) ? 1 : 0;
}

function humidityStrength(cell: string): number {
  if (otherHumidity.test(cell) || temperature.test(cell)) return 0;
  if (relative.test(cell)) return 3;
  if (humidity.test(cell)) return 2;
  return cell.includes('%') ? 1 : 0;
}

function timeColumns(cells: readonly string[]): { readonly time: number; readonly clock: number | null } {
  const whole = cells.findIndex((cell) => both.test(cell));
  if (whole >= 0) return { time: whole, clock: null };
  const days = cells.findIndex((cell) => date.test(cell));
  const clocks = cells.findIndex((cell, i) => i !== days && clock.test(cell) && temperatureStrength(cell) === 0);
  if (days >= 0) return { time: days, clock: clocks >= 0 ? clocks : null };
  return { time: clocks, clock: null };
}

export function isHeading(cells: readonly string[]): boolean {
  return timeColumns(cells).time >= 0 && cells.some((cell) => temperatureStrength(cell) > 0);
}

export function findColumns(cells: readonly string[]): ColumnSearch {
  const times = timeColumns(cells);
  const isTime = (i: number) => i === times.time || i === times.clock;
  const warm = strongest(cells, temperatureStrength).filter((i) => !isTime(i));
  const damp = strongest(cells, humidityStrength).filter((i) => !isTime(i));
  const counts = { time: times.time >= 0 ? 1 : 0, temperature: warm.length, humidity: damp.length };
  const lacking = columnKinds.filter((kind) => counts[kind] === 0);
  if (lacking.length > 0) return { status: 'missing', lacking };
  for (const [kind, found] of [
    ['temperature', warm],
    ['humidity', damp],
  ] as const) {
    if (found.length > 1) return { status: 'unclear', kind, headings: found.map((i) => cells[i]!.trim()) };
  }
  const heading = cells[warm[0]!]!;
  const [isC, isF] = [celsius.test(heading), fahrenheit.test(heading)];
  if (isC && isF) return { status: 'two units', heading: heading.trim() };
  const unit: TemperatureUnit = isC ? 'C' : isF ? 'F' : null;
  return { status: 'found', columns: { ...times, temperature: warm[0]!, humidity: damp[0]!, unit } };
}

/** A number with decimal point or comma; null when it is none. */
export function readNumber(text: string): number | null {
  const plain = text.trim().replace(',', '.');
  if (plain === '') return null;
  const value = Number(plain);
  return Number.isFinite(value) ? value : null;
}

export function toCelsius(value: number, isFahrenheit: boolean): number {
  return isFahrenheit ? fahrenheitToCelsius(value) : value;
}
