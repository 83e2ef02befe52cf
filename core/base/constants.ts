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
  /** By how much it may be off, as a share of itself: 0 what is defined or chosen. */
  readonly offShare: number;
  /** Rows of `cairn practice` that it was set on, by their id: these prove nothing about it. */
  readonly setOn: readonly string[];
}

/** How far a figure of each origin may be off where nothing better is known (by choice of ours). */
const OFF_BY_ORIGIN = { published: 0.1, practice: 0.25, memory: 0.35 } as const;

export type ConstantTable = Readonly<Record<string, Constant>>;

export const fromSource = (value: number, unit: string, source: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'published', source },
  what,
  offShare: OFF_BY_ORIGIN.published,
  setOn: [],
});

export const fromPractice = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'common practice' },
  what,
  offShare: OFF_BY_ORIGIN.practice,
  setOn: [],
});

export const fromMemory = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'memory' },
  what,
  offShare: OFF_BY_ORIGIN.memory,
  setOn: [],
});

/** True by definition: a year has twelve months. */
export const byDefinition = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'definition' },
  what,
  offShare: 0,
  setOn: [],
});

/** How we go about it, not how nature is. */
export const byChoice = (value: number, unit: string, what: string): Constant => ({
  value,
  unit,
  origin: { kind: 'our choice' },
  what,
  offShare: 0,
  setOn: [],
});

/** The same constant, with the rows of practice it was set on and how far it may be off. */
export const setOn = (constant: Constant, rows: readonly string[], offShare = constant.offShare): Constant => ({
  ...constant,
  offShare,
  setOn: rows,
});

/** The plain numbers of a table, under the same names. */
export function numbersOf<const T extends ConstantTable>(table: T): { readonly [K in keyof T]: number } {
  return Object.fromEntries(Object.entries(table).map(([name, { value }]) => [name, value])) as {
    readonly [K in keyof T]: number;
  };
}
