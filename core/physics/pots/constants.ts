import { byDefinition, fromMemory, fromSource, numbersOf } from '../../base';

export const potConstants = {
  OPENINGS_FROM: fromMemory(0.005, 'share of the wall', 'from here on a wall counts as open'),
  OPEN_WORK_FROM: fromMemory(0.3, 'share of the wall', 'nets and slats leave so much open or more'),
  AIR_KG_M3: fromSource(1.2, 'kg/m³', 'ISO 2533 standard atmosphere, at 20 °C', 'density of air'),
  GRAVITY_MS2: fromSource(9.81, 'm/s²', 'ISO 80000-3, standard acceleration of free fall', 'of what falls'),
  LEAF_DRAG: fromMemory(0.5, '', 'drag of leaves, which bend with the wind, on their frontal area'),
  POT_DRAG: fromMemory(0.9, '', 'drag of a pot, a short cylinder, on its side'),
  CM3_PER_L: byDefinition(1000, 'cm³', 'in a litre'),
} as const;

export const k = numbersOf(potConstants);
