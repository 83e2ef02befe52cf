export {
  type Base,
  bases,
  type FlowerKind,
  flowerKinds,
  type LeafKind,
  leafKinds,
  type Appearance,
  appearanceCatalogue,
} from './appearances';
