export { type BringKind, type DayCaution, type DayCautionId, type PlantCautions } from './bring';
export type { PlantTimes } from './clock';
export {
  type DayAsked,
  type DayPlant,
  type DayPlantAsked,
  type DayQuestion,
  dayQuestionFor,
  MOST_PLANTS_A_DAY,
} from './day-case';
export type { Batch, BatchBag } from './mixes';
export type { PotGiven } from './pots';
export { type PreparedDay, type PreparedPlant, prepareDay, type TurnReason } from './prepare';
export { settleDay, settlePlant } from './settle';
export type { Instead, Shortage } from './short';
export type { DayTime } from './time';
export { type DayStep, mixKeyOf, type PlantWork, type StepKind } from './work';
