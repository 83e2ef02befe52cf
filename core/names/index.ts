export { findNames, groupCalled, type NameMatch } from './find-names';
export { type SpeciesKnown, speciesThatDiffers } from './species-differs';
export type { NameRank } from './known-names';
