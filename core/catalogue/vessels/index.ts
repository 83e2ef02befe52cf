export { makeMount, makePot } from './make';
export {
  keepsWater,
  mountKindById,
  mountKindIds,
  potKindById,
  type PotKind,
  potKindIds,
  vesselCatalogue,
} from './vessels';
