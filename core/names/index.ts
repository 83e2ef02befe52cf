export { findNames, groupCalled, type NameMatch } from './find-names';
export type { NameRank } from './known-names';
