/** Zod numbers that refuse a value outside its range with the one wording of `ranges`. */
import { z } from 'zod';
import { type QuantityName, rangeMessage, ranges } from '../base';

export function quantity(name: QuantityName) {
  const range = ranges[name];
  const message = rangeMessage(range);
  return z
    .number({ error: message })
    .min(range.min, { error: message })
    .max(range.max, { error: message })
    .meta({ title: range.label, unit: range.unit });
}

export function wholeQuantity(name: QuantityName) {
  return quantity(name).int({ error: `${ranges[name].label} must be a whole number` });
}

/** One of a list of names; the message lists them. */
export function oneOf(label: string, names: readonly string[]) {
  const list = names.length > 24 ? `${names.slice(0, 24).join(', ')} and ${names.length - 24} more` : names.join(', ');
  return z.enum(names as [string, ...string[]], { error: `${label} must be one of: ${list}` });
}
