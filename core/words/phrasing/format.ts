/** Numbers as growers read them, in the units they chose. */
import {
  celsiusToFahrenheit,
  cmToInch,
  type LengthUnit,
  mmToInch,
  round1,
  roundHalf,
  type TemperatureUnit,
  HOURS_PER_DAY,
} from '../../base';

export interface WordUnits {
  readonly length: LengthUnit;
  readonly temperature: TemperatureUnit;
}

export const metricWords: WordUnits = { length: 'metric', temperature: 'C' };

/** Making a formatter costs more than a hundred uses of it. */
const formatters = new Map<number, Intl.NumberFormat>();

export function number(value: number, digits = 1): string {
  let formatter = formatters.get(digits);
  if (!formatter) {
    formatter = new Intl.NumberFormat('en', { maximumFractionDigits: digits, minimumFractionDigits: 0 });
    formatters.set(digits, formatter);
  }
  const text = formatter.format(value);
  // A little below nothing is nothing, and not less than it.
  return text === '-0' ? '0' : text;
}

export function cm(valueCm: number, units: WordUnits): string {
  return units.length === 'inch' ? `${number(cmToInch(valueCm), 1)} in` : `${number(valueCm, 1)} cm`;
}

/** Lengths as they are shown and their sum as it is then: figures that add up. */
export function cmSum(
  valuesCm: readonly number[],
  units: WordUnits,
): { readonly parts: readonly string[]; readonly total: string } {
  const shown = valuesCm.map((value) => round1(units.length === 'inch' ? cmToInch(value) : value));
  const unit = units.length === 'inch' ? 'in' : 'cm';
  const text = (value: number) => `${number(value, 1)} ${unit}`;
  return { parts: shown.map(text), total: text(shown.reduce((sum, value) => sum + value, 0)) };
}

export function mm(valueMm: number, units: WordUnits): string {
  return units.length === 'inch' ? `${number(mmToInch(valueMm), 2)} in` : `${number(valueMm, 1)} mm`;
}

/** A range that rounds to one figure is said as that figure. */
export function mmRange(fromMm: number, toMm: number, units: WordUnits): string {
  const isInch = units.length === 'inch';
  const [from, to] = [fromMm, toMm].map((value) => (isInch ? number(mmToInch(value), 2) : number(value, 1)));
  return `${from === to ? from : `${from}–${to}`} ${isInch ? 'in' : 'mm'}`;
}

export function temperature(valueC: number, units: WordUnits): string {
  return units.temperature === 'F' ? `${number(celsiusToFahrenheit(valueC), 0)} °F` : `${number(valueC, 0)} °C`;
}

export function percent(share: number): string {
  return `${number(share * 100, 0)} %`;
}

/** Below this a day is too coarse a word. */
export const DAYS_FROM = 0.75;

/** To the half day where that tells, in hours where a day is too coarse. */
export function days(value: number): string {
  if (value < DAYS_FROM) {
    const hours = Math.max(1, Math.round(value * HOURS_PER_DAY));
    return `${hours} ${hours === 1 ? 'hour' : 'hours'}`;
  }
  const rounded = value < 3 ? roundHalf(value) : Math.round(value);
  return `${number(rounded, 1)} ${rounded === 1 ? 'day' : 'days'}`;
}

export const monthNames: readonly string[] = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

export function years(value: number): string {
  const text = number(value, 1);
  return `${text} ${text === '1' ? 'year' : 'years'}`;
}

const KMH_PER_MS = 3.6;
const MPH_PER_MS = 2.237;

/** Speed of wind, as weather reports tell it. */
export function wind(speedMS: number, units: WordUnits): string {
  return units.length === 'inch' ? `${number(speedMS * MPH_PER_MS, 0)} mph` : `${number(speedMS * KMH_PER_MS, 0)} km/h`;
}

/** A weight to put down, not to weigh out: to tens of grams, or a tenth of a kilogram. */
export function grams(weightG: number): string {
  return weightG < 1000 ? `${number(Math.ceil(weightG / 10) * 10, 0)} g` : `${number(weightG / 1000, 1)} kg`;
}

export function litres(valueL: number): string {
  return valueL < 1 ? `${number(valueL, 2)} L` : `${number(valueL, 1)} L`;
}

/** As it stands within a sentence. */
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

export function joinAnd(items: readonly string[]): string {
  if (items.length < 2) return items.join('');
  return `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]}`;
}

/** Price on a scale of ours: 1 = a litre of the cheapest medium. */
export function priceText(price: number): string {
  return price <= 0 ? 'none' : number(price, price < 10 ? 1 : 0);
}

/** "1 plant", "3 plants". */
export const plural = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;

/** At the head of a sentence. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
