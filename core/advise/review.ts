/** A single setup, judged outside of any plan. */
import { type PlanCase, resolveCase, type SetupSpec } from '../case';
import { contextOf, factsOf, judge, judgeFinely } from '../decide/setups';
import type { ModelDoubt } from '../physics/drydown';
import type { YearReport } from '../physics/year';
import { figuresOf, judgeFully, type SetupFacts } from './setup-facts';

/** A setup the grower has changed by hand, or any other in this case. */
export function reviewSetup(input: PlanCase, spec: SetupSpec): SetupFacts {
  const context = contextOf(resolveCase(input));
  return figuresOf(context, judgeFully(context, factsOf(context, spec), judgeFinely));
}

/** How one setup fares: what ranking and doubts need, without the figures that a screen shows. */
export interface Verdict {
  readonly year: YearReport;
  readonly score: number;
  readonly isRuledOut: boolean;
}

/** doubt: where the model is to be taken as off. */
export function verdictOn(input: PlanCase, spec: SetupSpec, doubt: ModelDoubt | null = null): Verdict {
  const context = contextOf(resolveCase(input), doubt);
  const { judgement, findings, score } = judgeFully(context, factsOf(context, spec), judge);
  return {
    year: judgement.year,
    score,
    isRuledOut: findings.some((finding) => finding.effect === 'rule out'),
  };
}
