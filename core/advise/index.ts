export type { AftercareStep } from './aftercare';
export type { ChangeOver } from './change-over';
export type { SetupCosts } from './costs';
export { place, type Placement } from './placement';
export { makePlan, type PlanAnswer, reviewSetup, type SetupAnswer, type SetupReview } from './plan';
export { makeRecipe, type RecipeLine } from './recipe';
export type { Timing } from './timing';
