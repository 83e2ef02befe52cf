/** What a reason is, in words. */
import type { ReasonCode, ReasonFact } from '../advise';

export interface Reason {
  readonly code: ReasonCode;
  readonly sentence: string;
  /** What would change it. */
  readonly wouldChange: string;
}

export type Sentences = Omit<Reason, 'code'>;

/** The fact that a sentence of a code is made of. */
export type FactOf<Code extends ReasonCode> = Extract<ReasonFact, { readonly code: Code }>;
