/** Finds the columns of a table by their headings, whatever their order, and the unit they are in. */
import { fahrenheitToCelsius } from '../base';

const columnKinds = ['time', 'temperature', 'humidity'] as const;
export type ColumnKind = (typeof columnKinds)[number];

export interface FoundColumns {
  readonly time: number;
  readonly temperature: number;
  readonly humidity: number;
  readonly isFahrenheit: boolean;
}

const patterns: Readonly<Record<ColumnKind, RegExp>> = {
  time: /\b(time|date|timestamp|datetime|zeit|datum|fecha|heure)\b/i,
  temperature: /(temp|°\s*[cf]\b|\bt\s*[[(])/i,
  humidity: /(hum|\brh\b|feuchte|%)/i,
};

export type ColumnSearch =
  | { readonly status: 'found'; readonly columns: FoundColumns }
  | { readonly status: 'missing'; readonly lacking: readonly ColumnKind[] };

export function isHeading(cells: readonly string[]): boolean {
  return cells.some((cell) => patterns.time.test(cell)) && cells.some((cell) => patterns.temperature.test(cell));
}

export function findColumns(cells: readonly string[]): ColumnSearch {
  const time = cells.findIndex((cell) => patterns.time.test(cell));
  const temperature = cells.findIndex(
    (cell, i) => i !== time && patterns.temperature.test(cell) && !/dew|tau/i.test(cell),
  );
  const humidity = cells.findIndex((cell, i) => i !== time && i !== temperature && patterns.humidity.test(cell));
  const found = { time, temperature, humidity };
  const lacking = columnKinds.filter((kind) => found[kind] < 0);
  if (lacking.length > 0) {
    return { status: 'missing', lacking };
  }
  return {
    status: 'found',
    columns: { ...found, isFahrenheit: /°?\s*f\b|fahrenheit/i.test(cells[temperature] ?? '') },
  };
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
