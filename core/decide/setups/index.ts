export { type CandidateFacts, factsOf, judge, type Judgement, layerVolumesL, screenComfort } from './assess';
export { fillPot, generateCandidates } from './candidates';
export { type CaseContext, contextOf } from './context';
export { byFit, misfitFactor, pieceBandMm, switchRootMm, TOLERATED_FACTOR } from './grade';
export { topDressings } from './recipes';
export { chooseSize, diagonalGain, liveBallCm, neededWidthCm, ORGANIC_YEARS, spreadCm, yearsOfRoom } from './size';
