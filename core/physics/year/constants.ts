import { byChoice, fromSource, numbersOf } from '../../base';

export const yearConstants = {
  JUDGE_EVERY_HOURS: byChoice(4, 'h', 'between two looks at the plant: its stresses are slower than that'),
  RAIN_FOLLOWS_RAIN: fromSource(
    0.75,
    '',
    'Geng, Penning de Vries & Supit 1986, Agricultural and Forest Meteorology 36, from memory',
    'chance of rain after a dry day, over the share of rain days',
  ),
  SAMPLE_DAYS: byChoice(16, 'days', 'looked at for a quick guess, at least'),
  SAMPLE_GAPS: byChoice(3, 'gaps', 'of the routine looked at for it'),
  FLUSH_PAUSE_DAYS: byChoice(14, 'days', 'from one flush to the next, at least'),
  SAMPLE_MOST_LOST: byChoice(0.2, 'share', 'of the root zone’s water that one of its steps may take'),
  SAMPLE_STEP_HOURS: byChoice(6, 'h', 'step of the quick guess'),
} as const;

export const k = numbersOf(yearConstants);
