/** Zod pieces that refuse what lies outside the one table of ranges, with a coded fault. */
import * as z from 'zod';
import { faultCode, FIRST_DAY, LAST_DAY, type QuantityName, ranges } from '../base';

export function quantity(name: QuantityName) {
  const { min, max, label, unit } = ranges[name];
  const error = faultCode({ code: 'range', quantity: name });
  return z.number({ error }).min(min, { error }).max(max, { error }).meta({ title: label, unit });
}

export function wholeQuantity(name: QuantityName) {
  return quantity(name).int({ error: faultCode({ code: 'whole number', quantity: name }) });
}

/** A whole number of the table of ranges; anything else is answered with the range. */
export function whole(name: QuantityName) {
  const { min, max } = ranges[name];
  const error = faultCode({ code: 'range', quantity: name });
  return z.int({ error }).min(min, { error }).max(max, { error });
}

/** One of a list of names. */
export function oneOf<const T extends readonly [string, ...string[]]>(
  field: string,
  names: T,
): z.ZodEnum<{ [K in T[number]]: K }>;
export function oneOf(field: string, names: readonly string[]): z.ZodEnum<Record<string, string>>;
export function oneOf(field: string, names: readonly string[]) {
  return z.enum(names as [string, ...string[]], { error: faultCode({ code: 'one of', field, names }) });
}

export function yesOrNo(field: string) {
  return z.boolean({ error: faultCode({ code: 'yes or no', field }) });
}

/** Text of a wanted length, spaces at its ends taken off. */
export function textOf(field: string, min: number, max: number) {
  const error = faultCode({ code: 'text length', field, min, max });
  const text = z.string({ error }).trim().max(max, { error });
  return min > 0 ? text.min(min, { error }) : text;
}

/** A list of one to so many. */
export function listOf<T extends z.ZodType>(field: string, item: T, most: number, what: string, one = what) {
  return z
    .array(item)
    .min(1, { error: faultCode({ code: 'at least one', field, what: one }) })
    .max(most, { error: faultCode({ code: 'at most', field, most, what }) });
}

/** A list of none to so many. */
export function upTo<T extends z.ZodType>(field: string, item: T, most: number, what: string) {
  return z.array(item).max(most, { error: faultCode({ code: 'at most', field, most, what }) });
}

/** What is no day at all is told once, by its shape. */
const isInRange = (day: string): boolean => !/^\d{4}-\d\d-\d\d$/.test(day) || (day >= FIRST_DAY && day <= LAST_DAY);

/** A day of a grower's life, YYYY-MM-DD. */
export function dayIn(field: string) {
  const error = faultCode({ code: 'date', field });
  return z.iso.date({ error }).refine(isInRange, { error });
}

/** A moment with its zone, as clocks write it. */
export function momentIn(field: string) {
  const error = faultCode({ code: 'date', field });
  return z.iso.datetime({ offset: true, error }).refine((moment) => isInRange(moment.slice(0, 10)), { error });
}
