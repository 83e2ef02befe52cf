import { byChoice, byDefinition, fromSource, numbersOf } from '../base';

const CONVENTION = 'Cohen, Statistical Power Analysis for the Behavioral Sciences, 2nd ed. 1988 (from memory)';

export const trialConstants = {
  ALPHA: fromSource(0.05, 'share', CONVENTION, 'of trials without any difference in which one is seen all the same'),
  POWER: fromSource(0.8, 'share', CONVENTION, 'of trials in which a difference that is there is seen'),
  HALF: byDefinition(0.5, 'share', 'one of two sides'),
  QUARTER: byDefinition(0.25, 'share', 'of the square of z that small groups need more (Cohen; Guenther 1981)'),
  LEAST_PLANTS: byChoice(3, 'plants', 'on a side, with fewer nothing is tested'),
  MOST_PLANTS: byChoice(1000, 'plants', 'on a side: more nobody has'),
} as const;
export const k = numbersOf(trialConstants);
