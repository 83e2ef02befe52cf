/** For tests and benches only: what the core keeps to itself, and the plan as growers read it. */
import { makePlan } from '../advise';
import type { PlanCase } from '../case';
import { questionSchemas } from '../case';
import { demoPlaces } from '../catalogue/places';
import { metricWords, wordPlan, type WordUnits } from '../words';

export { makePlan, makeRecipe, reviewSetup } from '../advise';
export { placeById as demoPlaceById, resolveCase } from '../case';
export { compareSides, sensitivityOf, setupCurve, tuneToRoutine, turnsOf, whatIf } from '../explore';

export const { plan: planCaseSchema, whatIf: whatIfCaseSchema } = questionSchemas();
export const demoPlaceIds: readonly string[] = demoPlaces.map((place) => place.id);

/** The plan as growers read it, in metric units unless others are asked for; as it is ranked, which is half the work. */
export const planInWords = (planCase: PlanCase, units: WordUnits = metricWords) =>
  wordPlan(makePlan(planCase, { isRough: true }), units);
