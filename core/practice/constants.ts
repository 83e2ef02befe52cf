import { byChoice } from '../base';

export const practiceConstants = {
  TOLERANCE: byChoice(1 / 3, 'share', 'a model that misses practice by more is wrong somewhere'),
} as const;

export const TOLERANCE = practiceConstants.TOLERANCE.value;
