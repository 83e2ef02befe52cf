export { LEAST_SETUPS, weightedParts, weightPrior } from './constants';
export { isAsItIs } from './known';
export { leastBad } from './least-bad';
export { type Lead, distinctions, type Distinction } from './distinctions';
export { type Forbidden, groupRuledOut, type RuledOutFact } from './ruled-out';
export { type Pull, pullsOf, scoredBy, type ScoredBy, scoreOf } from './score';
export { isHopeless, pickForTheYear, screenAll, type Screened } from './screening';
export { promisingToBuy } from './to-buy';
export { pickVaried } from './variety';
