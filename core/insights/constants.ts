import { byChoice, numbersOf } from '../base';

export const insightConstants = {
  LEAST_BEDS: byChoice(3, 'beds', 'of a medium before anything is said of how long it lasts'),
  LEAST_ENDED: byChoice(2, 'beds', 'that went bad before a usual life is told'),
  LEAST_AT_RISK: byChoice(3, 'beds', 'that stood at the usual life, or one bed alone would have set it'),
  LEAST_DEATHS: byChoice(3, 'plants', 'that died in a place before its losses are called many or few'),
  SURELY_FACTOR: byChoice(
    2,
    '',
    'times the losses of the other places together are many; the same share of them is few',
  ),
  ALIKE_ROOT_RATIO: byChoice(
    1.6,
    '',
    'between the roots of two kinds, up to which what one does well in speaks for the other',
  ),
} as const;
export const k = numbersOf(insightConstants);
