export { makeMount, makePot } from './make';
export { mountKindById, mountKindIds, potKindById, potKindIds, vesselCatalogue } from './vessels';
