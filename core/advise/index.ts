export type { AftercareFact, FeedStart } from './aftercare';
export type {
  ChangeOverFact,
  ChangeSign,
  ChangeStageFact,
  ChangeStep,
  ChangeTarget,
  ClingingFact,
} from './change-over';
export type { SetupCosts } from './costs';
export type { FitCause, FitVerdict, MonthFit, PlaceFit } from '../decide/place';
export { type Division, pieceRuleOf, type PieceRule } from './division';
export { type Placement, placementOf } from './placement';
export { type BetterPlace, makePlan, type PlanFacts, planInSteps, type PlanStep } from './plan';
export { aftercareOf, judgeFully } from './setup-facts';
export { reviewSetup, type Verdict, verdictOn } from './review';
export type { SetupFacts } from './setup-facts';
export type { LayerWork } from './layer-work';
export type { NextGrade, ReasonCode, ReasonFact } from './reasons';
export { makeRecipe, type RecipeLine } from './recipe';
export { asTheyCome, type Finding, lastFirst, receive, type SharedWork, shareWork } from './shared-work';
export { decideTiming, type Timing } from './timing';
export { type TimingSign, timingSigns, type WatchRisk, watchRisks } from './awaited-sign';
export { daysToCheck, type SignWatch, signWatchFor } from './watch';
