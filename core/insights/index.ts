export {
  type Bed,
  type LossVerdict,
  lossesOf,
  mediaLived,
  type MediumLived,
  type PlaceLived,
  type PlaceLosses,
} from './insights';
export { handsRecordOf, isAlike, type HandsRecord, outcomeOf, type PottingLived } from './hands-record';
export { type Lasted, medianTime, survivalOf, type SurvivalStep } from './survival';
