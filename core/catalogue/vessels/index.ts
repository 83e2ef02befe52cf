export { makeMount, makePot } from './make';
export { mountKindById, mountKindIds, potKindById, type PotKind, potKindIds, vesselCatalogue } from './vessels';
