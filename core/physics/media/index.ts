export { type AgeingConditions, hydraulicsOfAgedMix, type MixAge, mixLifeYears, ORDINARY_CONDITIONS, settledHeightShare } from './ageing';
export type { Hydraulics, MediumEntry, MediumFamily, MediumFigures, PhTendency, PieceShape, PriceClass, ReuseRule } from './medium';
export { type BagMeasure, bagMeasures, hydraulicsOfMix, isOrganic, MAX_MIX_PARTS, type Mix } from './mix';
export { type OwnMedium, ownMediumFigures } from './own-medium';
export { type PorosityRun, porosityTest, type PorosityTest } from './porosity-test';
export { type MixReport, reportMix } from './report';
export { airFilledPorosity, capacityBetween, capillaryShare, containerCapacity, hydraulicsOf } from './retention';
export { nearestSieve, sievesOf } from './sieves';
