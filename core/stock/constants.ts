import { byChoice, numbersOf } from '../base';

export const stockConstants = {
  SAME_CM: byChoice(0.5, 'cm', 'two pots or mounts may differ by, and one is taken for the other'),
} as const;
export const k = numbersOf(stockConstants);
