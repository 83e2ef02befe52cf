export * from './spec';
export * from './plan';
export * from './curve';
export { contextOf, climateOf, type CaseContext, type Climate } from './context';
export { factsOf, judge, layerVolumesL, type CandidateFacts, type Judgement } from './assess';
export * from './grade';
export { chooseSize, neededWidthCm, spreadCm, yearsOfRoom } from './size';
export { generateCandidates, fillPot } from './candidates';
export type { Pull } from './score';
