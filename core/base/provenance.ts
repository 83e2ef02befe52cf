/**
 * Where a value comes from. Growers argue about numbers; a number without an origin cannot be argued
 * with, so every catalogue quantity and every constant of the models carries one of these.
 */
export type Provenance =
  | { readonly kind: 'published'; readonly source: string }
  | { readonly kind: 'common practice' }
  | { readonly kind: 'memory' };

export const commonPractice: Provenance = { kind: 'common practice' };
const fromMemory: Provenance = { kind: 'memory' };

/** A value with its origin. */
export interface Sourced<T> {
  readonly value: T;
  readonly provenance: Provenance;
}

/** The plain values of a record of sourced ones, for computing with. */
export type Plain<R> = { readonly [K in keyof R]: R[K] extends Sourced<infer T> ? T : R[K] };

export function practice<const T>(value: T): Sourced<T> {
  return { value, provenance: commonPractice };
}

export function memory<const T>(value: T): Sourced<T> {
  return { value, provenance: fromMemory };
}

function isSourced(field: unknown): field is Sourced<unknown> {
  return typeof field === 'object' && field !== null && 'provenance' in field && 'value' in field;
}

/** Strips the origins from a catalogue entry. */
export function plain<R extends object>(entry: R): Plain<R> {
  const values = Object.entries(entry).map(([key, field]: [string, unknown]) => [
    key,
    isSourced(field) ? field.value : field,
  ]);
  return Object.fromEntries(values) as Plain<R>;
}

/** A short label for an origin, as shown beside the value. */
export function provenanceLabel(provenance: Provenance): string {
  return provenance.kind === 'published' ? `published: ${provenance.source}` : provenance.kind;
}
