/** The questions the core answers, each with the shape of what is asked. */
import { lazily } from '../base';
import { potsToTrySchema } from './grow-case';
import { mixCaseSchema } from './mix-case';
import { makePlanCaseSchema } from './plan-case';
import { setupSpecSchema } from './setup-schema';
import { whatIfSchema } from './what-if-case';

/** The schemas of all questions; made when the first is asked, since a page that only shows needs none. */
export const questionSchemas = lazily(() => {
  const planCase = makePlanCaseSchema();
  const aboutSetup = planCase.safeExtend({ setup: setupSpecSchema.optional() });
  return {
    plan: planCase,
    /** A setup (or the best one) in a month. */
    drydown: aboutSetup,
    tune: aboutSetup,
    whatIf: aboutSetup.safeExtend({ change: whatIfSchema().default({}) }),
    grow: planCase.safeExtend({ pots: potsToTrySchema.default([]) }),
    mix: mixCaseSchema,
  };
});
