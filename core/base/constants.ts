/**
 * The numbers the program computes with. Each room keeps its own in one table (constants.ts): value,
 * unit, origin, and what it is. Choices of ours (how many setups a shelf shows, how far ahead to look)
 * are marked as such: they are no claim about nature and cannot be wrong, only unwise.
 */
import type { Provenance } from './provenance';

export type Origin = Provenance | { readonly kind: 'definition' } | { readonly kind: 'our choice' };

export interface Constant {
  readonly value: number;
  /** "" for a plain number. */
  readonly unit: string;
  readonly origin: Origin;
  readonly what: string;
}

export type ConstantTable = Readonly<Record<string, Constant>>;

export const fromSource = (value: number, unit: string, source: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'published', source },
  what,
});

export const fromPractice = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'common practice' },
  what,
});

export const fromMemory = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'memory' },
  what,
});

/** True by definition: a year has twelve months. */
export const byDefinition = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'definition' },
  what,
});

/** How we go about it, not how nature is. */
export const byChoice = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'our choice' },
  what,
});

/** The plain numbers of a table, under the same names. */
export function numbersOf<const T extends ConstantTable>(table: T): { readonly [K in keyof T]: number } {
  return Object.fromEntries(Object.entries(table).map(([name, { value }]) => [name, value])) as {
    readonly [K in keyof T]: number;
  };
}
