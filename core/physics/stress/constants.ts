import { byChoice, fromMemory, fromSource, numbersOf } from '../../base';

export const stressConstants = {
  RESPIRATION_Q10: fromSource(
    2,
    '',
    'Lambers, Chapin & Pons, Plant Physiological Ecology, from memory',
    'roots breathe about twice as fast for each 10 °C warmer',
  ),
  SUFFOCATES_AT: fromMemory(
    1.35,
    '',
    'need over air in the wettest part at the line of harm; the need is stated for the whole root zone',
  ),
  VENTILATION_EXPONENT: fromMemory(0.25, '', 'how much of that exchange reaches roots under films of water'),
  LEAST_AIR: byChoice(0.005, 'v/v', 'under this there is no air to speak of'),
  WET_IN_STONE: fromMemory(0.9, '', 'unease of lying wet in stone'),
  WET_IN_DECAY: fromMemory(1.25, '', 'unease added in a medium that decays'),
  CLOSED_LEAVES_SHARE: fromMemory(0.15, 'share', 'of the ordinary demand through leaves that have closed'),
  REFILL_HOURS: fromMemory(36, 'h', 'in which wet roots would fill two thirds of an empty reserve'),
  DRAWN_DOWN_SHARE: fromMemory(0.55, 'share', 'of the reserve that can go before the plant is harmed'),
  WATER_ROOTS_EASE: fromMemory(0.85, '', 'of that unease is left to roots grown in water'),
  WATER_ROOTS_PARCH: fromMemory(2.5, '', 'how much sooner roots grown in water die when dry'),
  ROOTS_FEEL_SHARE: fromMemory(0.3, 'share', 'of what a plant feels of warmth it feels by its roots'),
  WARMTH_TELLS_DAYS: fromMemory(3, 'days', 'over which heat and cold tell'),
  SALT_TELLS_DAYS: fromMemory(7, 'days', 'over which salt tells'),
  SALT_HARMS_AT: fromMemory(1.4, '', 'times the conductivity still borne, at the line of harm'),
  FINE_BELOW: byChoice(0.2, '', 'stress: under this a day is fine'),
  HARM_ABOVE: byChoice(0.5, '', 'stress: over this it harms; between the two it is a day to watch'),
  LINE_WIDTH: byChoice(0.1, '', 'width over which one passes into the other, so that no day jumps'),
  ORDINARY_DEFICIT_KPA: byChoice(0.9, 'kPa', 'deficit for which the reserve of a plant is stated in days'),
} as const;

export const k = numbersOf(stressConstants);
