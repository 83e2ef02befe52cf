/** For tests only: the core's questions with the demo's places filled in. */
import * as advise from '../advise';
import * as cases from '../case';
import { demoPlaces } from '../catalogue/places';
import type { SchoolId } from '../catalogue/schools';
import * as explore from '../explore';
import * as words from '../words';

type PlanCase = cases.PlanCase;
type Spec = cases.SetupSpec;

const { plan, whatIf: whatIfQuestion } = cases.questionSchemas(demoPlaces);
export const planCaseSchema = plan;
export const whatIfCaseSchema = whatIfQuestion;
export const demoPlaceIds: readonly string[] = demoPlaces.map((place) => place.id);
export const demoPlaceById = (id: string) => cases.placeIn(demoPlaces, id);

export const resolveCase = (planCase: PlanCase) => cases.resolveCase(planCase, demoPlaces);
export const makePlan = (planCase: PlanCase, options: Parameters<typeof advise.makePlan>[2] = {}) =>
  advise.makePlan(planCase, demoPlaces, options);
export const reviewSetup = (planCase: PlanCase, spec: Spec) => advise.reviewSetup(planCase, demoPlaces, spec);
export const makeRecipe = (planCase: PlanCase, spec: Spec) => advise.makeRecipe(planCase, demoPlaces, spec);
export const setupCurve = (planCase: PlanCase, spec: Spec, monthIndex: number, horizonDays?: number) =>
  explore.setupCurve(planCase, demoPlaces, spec, monthIndex, horizonDays);
export const whatIf = (planCase: PlanCase, spec: Spec, change: explore.WhatIf, monthIndex: number) =>
  explore.whatIf(planCase, demoPlaces, spec, change, monthIndex);
export const tuneToRoutine = (planCase: PlanCase, spec: Spec) => explore.tuneToRoutine(planCase, demoPlaces, spec);
export const sensitivityOf = (
  planCase: PlanCase,
  specs: readonly Spec[],
  onProgress?: (done: number, total: number) => void,
) => explore.sensitivityOf(planCase, demoPlaces, specs, onProgress);
export const turnsOf = (planCase: PlanCase, specs: readonly Spec[]) => explore.turnsOf(planCase, demoPlaces, specs);
export const compareSides = (planCase: PlanCase, schoolId: SchoolId) =>
  explore.compareSides(planCase, demoPlaces, schoolId);

/** The plan as growers read it, in metric units unless others are asked for; as it is ranked, which is half the work. */
export const planInWords = (planCase: PlanCase, units: words.WordUnits = words.metricWords) =>
  words.wordPlan(makePlan(planCase, { isRough: true }), units);
