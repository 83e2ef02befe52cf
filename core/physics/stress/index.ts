export { k as stressFigures } from './constants';
export {
  type RootNeeds,
  type SaltClass,
  saltToleranceDsM,
  saltTolerances,
  type Warmth,
  type WarmthClass,
  warmthClasses,
  warmthOf,
  warmths,
} from './needs';
export {
  asleep,
  asleepFigures,
  type MoistureRegime,
  moistureRegimes,
  regimeFigures,
  type RegimeFigures,
  regimes,
} from './regime';
export { type RestWatering, restWateringOf, type RestKind, restKinds, rests } from './rest';
export { openShare, refillGH } from './drought';
export { cold, heat } from './warmth';
export {
  dayShares,
  freshStrain,
  type Met,
  type Strain,
  strainOn,
  type StressKind,
  stressKinds,
  type Stresses,
  stressesOf,
  type Ways,
  waysOf,
  wholeStress,
  worstKind,
} from './stress';
