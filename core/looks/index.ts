export {
  groupsByLooks,
  type GroupGuess,
  isLikely,
  type RootKind,
  rootKinds,
  type SeenLooks,
  type Spacing,
  spacings,
} from './groups-by-looks';
