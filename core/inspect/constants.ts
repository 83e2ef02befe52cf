import { fromMemory, numbersOf } from '../base';

export const inspectConstants = {
  FULL_SHARE: fromMemory(0.95, 'share', 'of the pot that the roots fill where it is hard as a rock when squeezed'),
  FLEXING_SHARE: fromMemory(0.55, 'share', 'of the pot that the roots fill where it flexes in the hand'),
  CUT_BELOW_LIVE_PCT: fromMemory(95, '%', 'of live roots under which there are dead ones to cut'),
} as const;
export const k = numbersOf(inspectConstants);
