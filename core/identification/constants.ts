import { byChoice, fromMemory, numbersOf } from '../base';

export const identificationConstants = {
  THIN_BELOW_MM: fromMemory(1.4, 'mm', 'roots are called thin, like string'),
  THICK_FROM_MM: fromMemory(3.2, 'mm', 'roots are called thick, like a pencil'),
  WIDE_FROM_CM: fromMemory(2.2, 'cm', 'between shoots, from which a plant is seen to walk'),
  BLUR: fromMemory(0.25, 'of the logarithm', 'by which what is seen of a measure strays'),
  SEEN_OTHERWISE: fromMemory(0.06, 'share', 'of plants whose answer is none that their group is known by'),
  TO_SAY_LIKELY: byChoice(0.5, 'share', 'from which one group is called likely'),
} as const;
export const k = numbersOf(identificationConstants);
