export {
  type CandidateFacts,
  factsOf,
  judge,
  type Judgement,
  layerVolumesL,
  judgeFinely,
  screenHealth,
} from './assess';
export { fillPot, generateCandidates } from './candidates';
export { BARE_FILM_CM, ORGANIC_YEARS, TOLERATED_FACTOR } from './constants';
export { type CaseContext, contextOf } from './context';
export { byFit, misfitFactor, pieceBandMm, switchRootMm } from './grade';
export { topDressings } from './recipes';
export {
  chooseSize,
  diagonalGain,
  filledWidthCm,
  liveBallCm,
  neededWidthCm,
  type WidthNeeded,
  widthNeeded,
  yearsFor,
} from './size';
