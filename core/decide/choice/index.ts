export { isAsItIs } from './known';
export { LEAST_SETUPS } from './constants';
export { type Forbidden, groupRuledOut, type RuledOutFact } from './ruled-out';
export { type Pull, pullsOf, scoreOf } from './score';
export { isHopeless, pickForTheYear, screenAll, type Screened } from './screening';
export { pickVaried } from './variety';
