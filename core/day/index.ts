export { type BringKind, type DayCaution, type DayCautionId, type PlantCautions } from './bring';
export type { DaySetting, PlantTimes } from './clock';
export {
  type DayEntry,
  type DayEntryKind,
  dayEntryKinds,
  dayEntrySchemas,
  type LeftReason,
  leftReasons,
} from './entries';
export { runOf, type RunPlant, type RunState, type RunTimer } from './run';
export {
  type DayAsked,
  type DayKept,
  dayKeptSchema,
  type DayPlant,
  type DayPlantAsked,
  type DayQuestion,
  dayQuestionSchema,
  MOST_PLANTS_A_DAY,
} from './day-case';
export type { Batch, BatchBag } from './mixes';
export type { PotGiven } from './pots';
export { type PreparedDay, type PreparedPlant, prepareDay, type TurnReason } from './prepare';
export { settleDay, settlePlant } from './settle';
export type { Instead, Shortage } from './short';
export type { DayTime } from './time';
export { type DayStep, mixKeyOf, type PlantWork, type StepKind } from './work';
