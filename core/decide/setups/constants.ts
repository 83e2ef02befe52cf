import { byChoice, byDefinition, fromMemory, fromPractice, numbersOf } from '../../base';

export const setupConstants = {
  RIM_GAP_CM: fromPractice(1, 'cm', 'left under the rim so that water does not run over: a finger'),
  GRADES_TRIED: byChoice(3, 'grades', 'tried for each family'),
  LEAST_MAIN_CM: byChoice(1.5, 'cm', 'under this a layer is no layer'),
  LEAST_SIZE_RATIO: fromMemory(2.5, '', 'least size of pieces over root thickness: a root can enter'),
  MOST_SIZE_RATIO: fromMemory(3.5, '', 'most size of pieces over root thickness: it still touches them'),
  TOLERATED_FACTOR: fromMemory(2.2, '', 'pieces outside this factor of the band do not serve the roots at all'),
  ORGANIC_YEARS: fromPractice(2, 'years', 'of room in organic media'),
  INORGANIC_YEARS: fromPractice(3, 'years', 'of room in inorganic media'),
  SMALL_STEP_YEARS: fromPractice(1, 'years', 'of room for those who go up one size at a time'),
  ONE_BIG_YEARS: fromPractice(4, 'years', 'of room for those who want one pot for the long run'),
  RECOVERY_YEARS: fromMemory(0.5, 'years', 'of room for a plant that must first make roots'),
  FRONT_OVERLAP_CM: fromMemory(1.5, 'cm', 'beyond the ball’s own edge the front shoot may come this near to the wall'),
  STEM_GROWTH_CM_PER_YEAR: fromPractice(1, 'cm', 'room round the ball of a plant that does not creep, for each year'),
  MOST_SHOOTS_PER_FRONT: fromMemory(2, 'shoots', 'a year add length to a front; more are side shoots'),
  LEAST_BALL_SHARE: fromMemory(0.5, 'share', 'of a ball’s width is left at least, however few roots live'),
  DIAGONAL_GAIN: fromMemory(1.2, '', 'room that growth one way gains along the diagonal of a square pot'),
  SIZES_TRIED: byChoice(2, 'sizes', 'tried: the smallest with the room and what comes after it'),
  BARE_MOUNT_LIFE_YEARS: fromMemory(10, 'years', 'a bare mount lasts'),
  PLANT_BALANCE_SHARE: fromMemory(0.35, 'share', 'of a plant’s height at which its weight acts'),
  HALF_WET_G_L: byDefinition(500, 'g/L', 'of half the water a medium holds, per v/v'),
} as const;

export const k = numbersOf(setupConstants);
export const TOLERATED_FACTOR = setupConstants.TOLERATED_FACTOR.value;
export const ORGANIC_YEARS = setupConstants.ORGANIC_YEARS.value;
