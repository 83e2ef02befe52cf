export {
  type Bed,
  type LossVerdict,
  lossesOf,
  mediaLived,
  type MediumLived,
  type PlaceLived,
  type PlaceLosses,
} from './insights';
export { type Lasted, medianTime, survivalOf, type SurvivalStep } from './survival';
