export { baseOf, changedSpec, mossShareOf, type Top, tops, type WhatIf } from './change';
export { type DifferenceCode, type DifferenceFact, whatIf, type WhatIfFacts } from './compare';
export { cornersAt, setupCurve, type SetupCurve } from './curve';
export { growthInPots, growthView, type GrowthView } from './grow';
export { comparePerchedWater } from './perched-water';
export { type MovedBy, type SensitivityFacts, sensitivityOf, type SwingFact } from './sensitivity';
export { compareSides, type SideFact, type SidesFacts } from './sides';
export { type TunedFact, type TuneMove, tuneToRoutine, type TuningFacts } from './tune';
export { type TurnCondition, type TurnFact, turnsOf } from './turns';
