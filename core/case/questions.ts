/** The questions the core answers, each with the shape of what is asked. */
import { potsToLookAtSchema } from './grow-case';
import { mixCaseSchema } from './mix-case';
import type { PlaceBook } from './place-book';
import { planCaseSchemaFor } from './plan-case';
import { setupSpecSchema } from './setup-schema';
import { whatIfSchemaFor } from './what-if-case';

/** The schemas of all questions, for the places a case may name. */
export function questionSchemas(places: PlaceBook) {
  const planCase = planCaseSchemaFor(places);
  const aboutSetup = planCase.extend({ setup: setupSpecSchema.optional() });
  return {
    plan: planCase,
    /** A setup (or the best one) in a month. */
    drydown: aboutSetup,
    tune: aboutSetup,
    whatIf: aboutSetup.extend({ change: whatIfSchemaFor(places).default({}) }),
    grow: planCase.extend({ pots: potsToLookAtSchema.default([]) }),
    mix: mixCaseSchema,
  };
}
