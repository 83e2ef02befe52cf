export {
  type Bed,
  type LossVerdict,
  lossesOf,
  mediaLived,
  type MediumLived,
  type PlaceLived,
  type PlaceLosses,
} from './learned';
export { type Lasted, medianTime, survivalOf, type SurvivalStep } from './survival';
