import { byChoice, fromMemory, numbersOf } from '../../base';

export const choiceConstants = {
  JUDGED_PER_APPROACH: byChoice(6, 'setups', 'of each way of potting are judged over the whole year'),
  KEPT_PER_KIND: byChoice(3, 'setups', 'of each kind are worth knowing: the best, and two to fall back on'),
  PROMISE_SLACK: byChoice(12, 'points', 'a promise is a guess: so far below the last shown is not worth a year'),
  PROGRESS_EVERY: byChoice(50, 'setups', 'between two reports of progress'),
  HEALTH_WEIGHT: fromMemory(54, 'points', 'for root health over the year: water kills first'),
  WARMTH_WEIGHT: fromMemory(6, 'points', 'for warmth over the year: a pot can do little about it'),
  AIR_WEIGHT: fromMemory(20, 'points', 'for air: it kills second'),
  PIECE_WEIGHT: fromMemory(20, 'points', 'for piece size'),
  PLACE_WEIGHT: fromMemory(45, 'points', 'off for a place that does not suit the plant at all'),
  LEAST_SETUPS: byChoice(6, 'setups', 'shown, where there are so many'),
  MOST_SETUPS: byChoice(14, 'setups', 'shown: what a shelf holds'),
  SHOWN_WITHIN: byChoice(35, 'points', 'behind the leader a setup is no choice'),
} as const;

export const k = numbersOf(choiceConstants);
export const LEAST_SETUPS = choiceConstants.LEAST_SETUPS.value;
