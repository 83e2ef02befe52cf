export {
  type AgeingConditions,
  hydraulicsOfAgedMix,
  type MixAge,
  mixLifeYears,
  ORDINARY_CONDITIONS,
  settledHeightShare,
  spentShare,
  wettabilityInYear,
} from './ageing';
export { MAX_MIX_PARTS } from './constants';
export {
  type Hydraulics,
  meanPieceMm,
  type MediumEntry,
  mediumFamilies,
  type MediumFamily,
  type MediumFigures,
  type PhTendency,
  type PieceShape,
  type PriceClass,
  type ReuseRule,
} from './medium';
export { besideEachOther } from './beside';
export { type BagMeasure, bagMeasures, heaviestPart, hydraulicsOfMix, isOrganic, type Mix } from './mix';
export { type GrowersMedium, growersMediumFigures } from './growers-medium';
export { type PorosityRun, porosityTest, type PorosityTest } from './porosity-test';
export { type MixReport, reportMix } from './report';
export {
  airFilledPorosity,
  capacityBetween,
  capillaryShare,
  containerCapacity,
  drainablePorosity,
  hydraulicsOf,
} from './retention';
export { nearestSieve, sievesOf } from './sieves';
