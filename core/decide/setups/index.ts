export {
  type CandidateFacts,
  factsOf,
  judge,
  type Judgement,
  halfDryWeightG,
  judgeFinely,
  roundsByMonth,
  screenHealth,
  type Steadiness,
} from './assess';
export { approachOf } from './approach';
export { notAtHand } from './at-hand';
export { buyingAnything, generateCandidates } from './candidates';
export { crockingFor, fillPot } from './fill';
export { BARE_FILM_CM, LEAST_MAIN_CM, ORGANIC_YEARS, RIM_GAP_CM, TOLERATED_FACTOR } from './constants';
export { type CaseContext, contextOf } from './context';
export { byFit, misfitFactor, type PieceBand, pieceBandMm, switchRootMm } from './grade';
export { type PieceShift, type ShiftCause, shiftFactor } from './shifts';
export { isSameSetup, shareIn } from './same-setup';
export { topDressings } from './recipes';
export { minutesPerWeek } from './work';
export { chooseSize, leastRimCm, neededWidthCm, type WidthNeeded, widthNeeded, yearsFor } from './size';
export { gustMS } from './gusts';
export { liveBallCm } from './live-ball';
export { plantsFromAbove, type SeenFromAbove } from './plants-from-above';
