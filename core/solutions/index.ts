export {
  type Bottle,
  calMagDose,
  type CalMagDose,
  feedDose,
  type FeedDose,
  type FeedForm,
  type Nutrients,
  ofBottles,
} from './feed';
export {
  type Blend,
  blendWaters,
  caCo3Of,
  degreesOf,
  dsMOf,
  ppmOf,
  type PpmScale,
  ppmScales,
  type Thinned,
  thinPeroxide,
} from './water';
