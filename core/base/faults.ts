/**
 * What is wrong with an input: where, and what would be accepted, as a fact. Its sentence stands in
 * words/faults. Zod carries one string for each fault: the fact, as JSON.
 */
import * as z from 'zod';
import type { QuantityName } from './ranges';

export type FaultFact =
  | { readonly code: 'range' | 'whole number'; readonly quantity: QuantityName }
  | { readonly code: 'one of'; readonly field: string; readonly names: readonly string[] }
  | {
      readonly code: 'name or whole';
      readonly field: string;
      readonly names: readonly string[];
      readonly whole: 'genus' | 'place';
    }
  | { readonly code: 'yes or no'; readonly field: string }
  | { readonly code: 'number between'; readonly field: string; readonly min: number; readonly max: number }
  | { readonly code: 'weekdays' }
  | { readonly code: 'text length'; readonly field: string; readonly min: number; readonly max: number }
  | { readonly code: 'not empty'; readonly field: string }
  | { readonly code: 'twelve months' }
  | { readonly code: 'at least one'; readonly field: string; readonly what: string }
  | { readonly code: 'at most'; readonly field: string; readonly most: number; readonly what: string }
  | { readonly code: 'not less than'; readonly field: string; readonly than: string }
  | { readonly code: 'together less than 1' | 'given together'; readonly fields: readonly [string, string] }
  | { readonly code: 'one main layer' }
  | { readonly code: 'layers too high'; readonly filledCm: number; readonly potHeightCm: number }
  | { readonly code: 'unknown version'; readonly newest: number }
  | { readonly code: 'id'; readonly field: string; readonly of: string }
  | { readonly code: 'date'; readonly field: string }
  | { readonly code: 'unknown field' }
  // Of the home porosity test.
  | { readonly code: 'container volume'; readonly minMl: number; readonly maxMl: number }
  | { readonly code: 'water added'; readonly containerMl: number }
  | { readonly code: 'water drained'; readonly addedMl: number }
  | { readonly code: 'no runs' }
  // Of tuning.
  | { readonly code: 'follows the pot' | 'mount has no mix' | 'reservoir sets the day' }
  /** What Zod says itself, where no fact of ours was given. */
  | { readonly code: 'other'; readonly text: string };

export interface FaultAt {
  /** Dotted path of the field, "(whole)" for the input as such. */
  readonly path: string;
  readonly fact: FaultFact;
}

/** The fact as the one string Zod carries. */
export function faultCode(fact: FaultFact): string {
  return JSON.stringify(fact);
}

const carried = z.looseObject({ code: z.string() });

function factOf(message: string): FaultFact {
  if (!message.startsWith('{')) return { code: 'other', text: message };
  const parsed = carried.safeParse(JSON.parse(message));
  return parsed.success ? (parsed.data as unknown as FaultFact) : { code: 'other', text: message };
}

function pathOf(path: readonly PropertyKey[]): string {
  return path.length === 0 ? '(whole)' : path.map(String).join('.');
}

/** Flattens Zod's issues; of a union, the branch that came closest speaks. */
export function faultsOf(error: z.ZodError): readonly FaultAt[] {
  return error.issues.flatMap((issue): FaultAt[] => {
    if (issue.code === 'invalid_union' && issue.errors.length > 0) {
      const nested = [...issue.errors].sort((a, b) => depthOf(b) - depthOf(a))[0]!;
      if (depthOf(nested) > 0) {
        return nested.map((inner) => ({ path: pathOf([...issue.path, ...inner.path]), fact: factOf(inner.message) }));
      }
    }
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({ path: pathOf([...issue.path, key]), fact: { code: 'unknown field' } }));
    }
    return [{ path: pathOf(issue.path), fact: factOf(issue.message) }];
  });
}

function depthOf(issues: readonly { readonly path: readonly PropertyKey[] }[]): number {
  return Math.max(...issues.map((issue) => issue.path.length));
}

/** Thrown where a computation is asked for something its input cannot give. */
export class FaultError extends Error {
  constructor(readonly faults: readonly FaultAt[]) {
    super(faults.map(({ path, fact }) => `${path}: ${fact.code}`).join('\n'));
    this.name = 'FaultError';
  }
}

export type Checked<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'faulty'; readonly faults: readonly FaultAt[] };

export function checkWith<T>(schema: z.ZodType<T>, input: unknown): Checked<T> {
  const result = schema.safeParse(input);
  return result.success ? { status: 'ok', value: result.data } : { status: 'faulty', faults: faultsOf(result.error) };
}
