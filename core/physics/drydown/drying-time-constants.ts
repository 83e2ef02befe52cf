/** How far ahead a dry-down is followed. */
import { byChoice } from '../../base';

export const dryingTimeConstants = {
  HORIZON_DAYS: byChoice(60, 'days', 'the longest time looked ahead'),
} as const;

export const HORIZON_DAYS = dryingTimeConstants.HORIZON_DAYS.value;
