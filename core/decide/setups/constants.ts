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
  MARGIN_CM: fromPractice(1.5, 'cm', 'of medium round ball and growth, both sides together: a finger'),
  SHOOTS_OF_ANNUALS: fromMemory(2, 'shoots', 'a year from which a kind makes more than one generation'),
  MOST_SHOOTS_PER_FRONT: fromMemory(2, 'shoots', 'a year add length to a front; more are side shoots'),
  LEAST_BALL_SHARE: fromMemory(0.5, 'share', 'of a ball’s width is left at least, however few roots live'),
  DIAGONAL_GAIN: fromMemory(1.2, '', 'room that growth one way gains along the diagonal of a square pot'),
  SHOWN_FINER: byChoice(2, 'times', 'finer than where days are asked are the cells of the year that is shown'),
  RANKING_STEP_HOURS: byChoice(2, 'h', 'step in which the days of a setup are followed that is only ranked'),
  SIZES_TRIED: byChoice(2, 'sizes', 'tried: the smallest with the room and what comes after it'),
  BARE_MOUNT_LIFE_YEARS: fromMemory(10, 'years', 'a bare mount lasts'),
  PLANT_BALANCE_SHARE: fromMemory(0.35, 'share', 'of a plant’s height at which its weight acts'),
  MOUNT_WIDTH_SHARE: fromPractice(0.9, 'share', 'of the root ball’s width that a mount is at least wide'),
  BARE_FILM_CM: fromMemory(0.2, 'cm', 'of water and root that stands for a mount without a pad'),
  MOUNT_PAD_THIN_CM: fromPractice(0.5, 'cm', 'of sphagnum behind the roots: a thin pad'),
  MOUNT_PAD_CM: fromPractice(1, 'cm', 'of sphagnum behind the roots: a usual pad'),
  MOUNT_PAD_THICK_CM: fromPractice(2, 'cm', 'of sphagnum behind the roots: a thick pad'),
  CROCKING_SHARE: fromPractice(0.15, 'share', 'of the height: coarse pieces at the bottom'),
  THICK_CROCKING_SHARE: fromPractice(0.3, 'share', 'of the height: a thick layer under bark'),
  MOSS_CROCKING_SHARE: fromPractice(0.2, 'share', 'of the height: coarse pieces under moss'),
  THICK_MOSS_CROCKING_SHARE: fromPractice(0.4, 'share', 'of the height: a thick layer under moss'),
  SOIL_CROCKING_SHARE: fromPractice(0.12, 'share', 'of the height: coarse pieces under a soil-like mix'),
  LARGE_CROCKS_ABOVE_MM: fromMemory(8, 'mm', 'd90 of a medium that falls through all but the largest crocks'),
  MIDDLE_CROCKS_ABOVE_MM: fromMemory(4, 'mm', 'd90 of a medium that falls through small crocks'),
  BASE_PARTS: byChoice(4, 'parts', 'of the main medium in a mix; what is mixed in is counted to these'),
  PEBBLE_TOP_CM: fromPractice(1, 'cm', 'of pebbles on top'),
  LAVA_TOP_CM: fromPractice(1.5, 'cm', 'of lava on top: about two pieces'),
  MOSS_TOP_CM: fromPractice(1, 'cm', 'of live moss on top'),
  HALF_WET_G_L: byDefinition(500, 'g/L', 'of half the water a medium holds, per v/v'),
} as const;

export const k = numbersOf(setupConstants);
export const BARE_FILM_CM = setupConstants.BARE_FILM_CM.value;
export const TOLERATED_FACTOR = setupConstants.TOLERATED_FACTOR.value;
export const ORGANIC_YEARS = setupConstants.ORGANIC_YEARS.value;
