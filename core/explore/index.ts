export { baseOf, changedSpec, mossShareOf, type Top, tops, type WhatIf } from './change';
export { whatIf, type WhatIfAnswer } from './compare';
export { cornersAt, type SetupCurve, setupCurve } from './curve';
export { type Sensitivity, sensitivityOf } from './sensitivity';
export { compareSides, type SchoolComparison } from './sides';
export { tuneToRoutine, type Tuning } from './tune';
export { type Turn, turnsOf } from './turns';
export { compareWetFoot } from './wet-foot';
