export { findNames, type NameMatch } from './find-names';
export type { NameRank } from './known-names';
