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

// Parts that tests and benches look at one by one.
export { constantPlace, type MonthDrying } from '../physics/places';
export {
  buildYearColumn,
  createState,
  type PlantWaterUse,
  hourClass,
  hydraulicsOfLayer,
  leafConductance,
  modelFigures,
  stepHour,
  totalWaterG,
} from '../physics/drydown';
export { usualFeeding } from '../physics/salt';
export { regimeFigures, type RootNeeds, warmthOf } from '../physics/stress';
export { simulateYear } from '../physics/year';
export { inspectionSteps } from '../inspect';
export { plainSigns, shootStates } from '../case';
export { findingsOf } from '../proof';
export { weightedParts, weightPrior } from '../decide/choice';
export { amountNow } from '../stock';
