export {
  type Base,
  bases,
  type FlowerKind,
  flowerKinds,
  type LeafKind,
  leafKinds,
  type Looks,
  looksCatalogue,
} from './looks';
