import { byDefinition, fromMemory, numbersOf } from '../../base';

export const potConstants = {
  OPENINGS_FROM: fromMemory(0.005, 'share of the wall', 'from here on a wall counts as open'),
  OPEN_WORK_FROM: fromMemory(0.3, 'share of the wall', 'nets and slats leave so much open or more'),
  CM3_PER_L: byDefinition(1000, 'cm³', 'in a litre'),
} as const;

export const k = numbersOf(potConstants);
