/**
 * The shape of the sentences of a rule file: one entry for each of its rules, made from that rule's own
 * figures. A rule without its words, or words that use a figure the rule does not give, do not compile.
 */
import type { FiguresOf, Rule } from '../../decide/rules';
import type { WordUnits } from '../phrasing/format';

export interface RuleSentences<F> {
  /** What the rule says of the setup. */
  readonly says: (figures: F, units: WordUnits) => string;
  /** What would lift it or turn it round; absent when nothing the grower can change would. */
  readonly wouldChange?: (figures: F, units: WordUnits) => string;
}

export type WordsFor<Rules extends readonly Rule[]> = {
  readonly [R in Rules[number] as R['id']]: RuleSentences<FiguresOf<R>>;
};
