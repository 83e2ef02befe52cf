/**
 * Which columns of a logger's table may be the time, the temperature and the humidity, by the words and
 * units of their headings, whatever their order. Where several may be meant, all of them are told.
 */
import { k } from '../reading/constants';

/** null: the heading names none; both: it names two. */
export type StatedUnit = 'C' | 'F' | 'both' | null;

export interface TimeColumns {
  readonly day: number;
  /** The clock, where it stands in a column beside the date. */
  readonly clock: number | null;
}

export interface TableColumns {
  /** Each with a name of its own, to be chosen by. */
  readonly labels: readonly string[];
  readonly time: TimeColumns | null;
  /** Those that may be meant, the likeliest headings first. */
  readonly temperature: readonly Candidate[];
  readonly humidity: readonly Candidate[];
}

export interface Candidate {
  readonly column: number;
  /** How plainly its heading says it; equal ones are a choice. */
  readonly strength: number;
}

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

export function statedUnitOf(heading: string): StatedUnit {
  const [isC, isF] = [celsius.test(heading), fahrenheit.test(heading)];
  if (isC && isF) return 'both';
  return isC ? 'C' : isF ? 'F' : null;
}

function temperatureStrength(heading: string): number {
  if (otherTemperature.test(heading)) return 0;
  const hasUnit = statedUnitOf(heading) !== null;
  if (temperature.test(heading)) return hasUnit ? 3 : 2;
  return hasUnit && !humidity.test(heading) ? 1 : 0;
}

function humidityStrength(heading: string): number {
  if (otherHumidity.test(heading) || temperature.test(heading)) return 0;
  if (relative.test(heading)) return 3;
  if (humidity.test(heading)) return 2;
  return heading.includes('%') ? 1 : 0;
}

function timeColumns(headings: readonly string[]): TimeColumns | null {
  const whole = headings.findIndex((heading) => both.test(heading));
  if (whole >= 0) return { day: whole, clock: null };
  const days = headings.findIndex((heading) => date.test(heading));
  const clocks = headings.findIndex(
    (heading, i) => i !== days && clock.test(heading) && temperatureStrength(heading) === 0,
  );
  if (days >= 0) return { day: days, clock: clocks >= 0 ? clocks : null };
  return clocks >= 0 ? { day: clocks, clock: null } : null;
}

/** The headings of a row, as many as are looked at. */
const headingsOf = (cells: readonly string[]): readonly string[] =>
  cells.slice(0, k.MOST_COLUMNS).map((cell) => cell.trim().slice(0, k.MOST_CELL_SHOWN));

export function isHeading(cells: readonly string[]): boolean {
  const headings = headingsOf(cells);
  const isNamed = (heading: string) => temperatureStrength(heading) > 0 || humidityStrength(heading) > 0;
  return timeColumns(headings) !== null && headings.some(isNamed);
}

/** A name for each column: its heading, and its number where another is called the same or it has none. */
function labelsOf(headings: readonly string[]): readonly string[] {
  return headings.map((heading, i) => {
    const isAlone = headings.every((other, j) => i === j || other !== heading);
    return heading !== '' && isAlone ? heading : `${heading} (column ${i + 1})`.trim();
  });
}

function candidates(headings: readonly string[], time: TimeColumns | null, strengthOf: (heading: string) => number) {
  return headings
    .map((heading, column): Candidate => ({ column, strength: strengthOf(heading) }))
    .filter(({ column, strength }) => strength > 0 && column !== time?.day && column !== time?.clock)
    .sort((a, b) => b.strength - a.strength);
}

export function columnsByHeading(cells: readonly string[]): TableColumns {
  const headings = headingsOf(cells);
  const time = timeColumns(headings);
  return {
    labels: labelsOf(headings),
    time,
    temperature: candidates(headings, time, temperatureStrength),
    humidity: candidates(headings, time, humidityStrength),
  };
}

/**
 * A table whose headings say nothing, or that has none: the time is known by its look, and any other
 * column may be either. above: the row before the first readings, whose words name the columns.
 */
export function columnsWithoutHeading(columnCount: number, time: TimeColumns, above: readonly string[]): TableColumns {
  const count = Math.min(columnCount, k.MOST_COLUMNS);
  const names = above.length === columnCount ? headingsOf(above) : Array.from({ length: count }, () => '');
  const others = Array.from({ length: count }, (_, column): Candidate => ({ column, strength: 1 })).filter(
    ({ column }) => column !== time.day && column !== time.clock,
  );
  return {
    labels: labelsOf(names),
    time,
    temperature: others,
    humidity: others,
  };
}

/** A row of units under the headings: no figures, and one of them a unit. */
export function isUnitRow(cells: readonly string[]): boolean {
  const hasUnit = cells.some((cell) => statedUnitOf(cell) !== null || /^\W*(%|[cf])\W*$/i.test(cell.trim()));
  return hasUnit && cells.every((cell) => !/\d/.test(cell));
}

/** Headings with the units of the row below them. */
export function withUnits(headings: readonly string[], units: readonly string[]): readonly string[] {
  const unitOf = (cell: string): string => (/^[cf]$/i.test(cell.trim()) ? `(${cell.trim()})` : cell.trim());
  return headings.map((heading, i) => `${heading.trim()} ${unitOf(units[i] ?? '')}`.trim());
}
