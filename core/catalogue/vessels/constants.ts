import { fromMemory, fromPractice, numbersOf } from '../../base';

export const vesselConstants = {
  TWO_WICKS_FROM_CM: fromPractice(18, 'cm', 'rim from which a pot gets two wicks'),
  SIDE_HOLE_HEIGHT_SHARE: fromPractice(0.25, 'share', 'of the height at which side holes sit: a few cm up'),
  LEAST_SIDE_HOLE_CM: fromPractice(2, 'cm', 'no side hole sits lower'),
  BOWL_WATER_CM: fromPractice(1.5, 'cm', 'of water in a bowl about a low net pot'),
  MOST_BOWL_SHARE: fromMemory(0.3, 'share', 'of such a pot’s height that stands in water at most'),
  OUTER_POT_SHARE: fromMemory(0.25, 'share', 'of the inner pot’s volume that an outer pot holds as water'),
  WICK_REACH_SHARE: fromMemory(0.7, 'share', 'of the height up to which wicks are drawn in'),
  CONE_MOST_SHARE: fromMemory(1 / 3, 'share', 'of the height: no air cone is taller'),
  CONE_BASE_SHARE: fromMemory(0.45, 'share', 'of the base that an air cone takes at its foot'),
  CONE_TIP_SHARE: fromMemory(0.2, 'share', 'of the base that an air cone takes at its tip'),
} as const;

export const k = numbersOf(vesselConstants);
