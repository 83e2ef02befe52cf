export { type Feeding, isFed, RAIN_DS_M, usualFeeding } from './feeding';
export {
  CRUST_G_M2,
  FLUSH_FROM_SHARE,
  FLUSH_THROUGH_SHARE,
  FLUSH_TO_SHARE,
  FLUSH_WATER_DS_M,
  flushL,
  leachingFraction,
} from './flushing';
export {
  crustGM2,
  freshSalt,
  layerDsM,
  moveSalt,
  releaseOf,
  rootWaterDsM,
  type Salt,
  saltWatering,
  totalSalt,
  wateredRootDsM,
} from './salt';
