export {
  groupsByAppearance,
  type GroupGuess,
  isLikely,
  type RootKind,
  rootKinds,
  type SeenAppearance,
  type Spacing,
  spacings,
} from './groups-by-appearance';
