/**
 * One figure from outside beside what the model gives. `set` rows have set one or more constants (see `setOn` there) and prove
 * little; `held out` rows have set none.
 */
export type CheckUse = 'set' | 'held out';

export interface Check {
  readonly id: string;
  readonly name: string;
  readonly use: CheckUse;
  /** Who published it; from memory until verified. "common practice" where nobody did. */
  readonly source: string;
  readonly unit: string;
  /** Published or practised range. */
  readonly range: readonly [number, number];
  readonly model: () => number;
  /** Why the model lies outside, where it does and we know. */
  readonly reason?: string;
}
