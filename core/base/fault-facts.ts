/**
 * What is wrong with an input: where, and what would be accepted, as a fact. Its sentence stands in
 * words/faults. Zod carries one string for each fault: the fact, as JSON.
 */
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
  | { readonly code: 'twice'; readonly field: string }
  | { readonly code: 'unknown field' }
  // Of what lies in stock.
  | { readonly code: 'not used again'; readonly left: readonly string[] }
  | { readonly code: 'only used'; readonly field: string }
  | { readonly code: 'currency' }
  // Of the home porosity test.
  | { readonly code: 'container volume'; readonly minMl: number; readonly maxMl: number }
  | { readonly code: 'water added'; readonly containerMl: number }
  | { readonly code: 'water drained'; readonly addedMl: number }
  | { readonly code: 'no runs' }
  // Of a case.
  | { readonly code: 'no rain there' }
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

/** Thrown where a computation is asked for something its input cannot give. */
export class FaultError extends Error {
  constructor(readonly faults: readonly FaultAt[]) {
    super(faults.map(({ path, fact }) => `${path}: ${fact.code}`).join('\n'));
    this.name = 'FaultError';
  }
}
