import { byChoice, fromMemory, numbersOf } from '../base';

export const exploreConstants = {
  // How far the inputs may be off.
  FEW_LIVE_PCT: byChoice(15, '%', 'of live roots where few are supposed: under what feeds a plant'),
  NEARLY_ALL_LIVE_PCT: byChoice(95, '%', 'of live roots where nearly all are supposed'),
  ROOT_OFF: fromMemory(0.1, 'share', 'a root measured by hand'),
  ROOT_ASSUMED_OFF: fromMemory(0.3, 'share', 'a root thickness assumed from the genus'),
  BALL_OFF: fromMemory(0.1, 'share', 'a root ball measured by hand'),
  BALL_ASSUMED_OFF: fromMemory(0.25, 'share', 'a root ball assumed from the shoots'),
  LEAF_OFF: fromMemory(0.15, 'share', 'a leaf area measured by hand'),
  LEAF_ASSUMED_OFF: fromMemory(0.4, 'share', 'a leaf area assumed from the shoots'),
  HUMIDITY_OFF_POINTS: fromMemory(10, 'points', 'a household hygrometer'),
  LEAST_HUMIDITY_PCT: fromMemory(5, '%', 'no room is drier'),
  MOST_HUMIDITY_PCT: fromMemory(99, '%', 'no room is damper'),
  CAPACITY_OFF: fromMemory(0.15, 'share', 'the water a catalogue medium holds'),
  LEAST_AIR: fromMemory(0.02, 'v/v', 'no drained medium holds less air'),
  GAP_OFF: fromMemory(0.35, 'share', 'the days a grower means to leave between waterings'),
  WETTING_OFF: fromMemory(0.3, 'share', 'how well media take water'),
  WICK_OFF: fromMemory(0.6, 'share', 'the flow of a wick: 2 to 50 g/h are reported'),
  CONTACT_OFF: fromMemory(0.5, 'share', 'how well a medium touches and feeds a clay wall'),
  FIRM_BELOW: byChoice(0.05, 'share of the year', 'an answer less wide than this is firm'),
  FAIR_BELOW: byChoice(0.15, 'share of the year', 'an answer less wide than this is fair'),
  // Wettest and driest corner.
  SLICE_CM: byChoice(1, 'cm', 'about, of the slices of the root zone that are compared: a finger'),
  LEAST_SLICES: byChoice(3, 'slices', 'of a shallow one'),
  // What would change the order.
  DAMPER_POINTS: fromMemory(20, 'points', 'a humidifier or a tray of wet pebbles'),
  DAMPEST_PCT: fromMemory(95, '%', 'no humidifier makes a room damper'),
  TWICE_A_WEEK_GAP_DAYS: byChoice(4, 'days', 'with longer gaps twice a week is worth asking'),
  // Tuning.
  ON_THE_DAY_SHARE: byChoice(0.1, 'share of the gap', 'this near counts as on the day'),
  ON_THE_DAY_DAYS: byChoice(0.5, 'days', 'or this near, for short gaps'),
  NEARER_BY: byChoice(0.02, 'ln', 'an option must come nearer by so much'),
  TUNE_STEP_HOURS: byChoice(2, 'h', 'step of the dry-down while searching'),
  TUNE_HORIZON_GAPS: byChoice(3, 'gaps', 'options are followed for so long'),
  TUNE_HORIZON_DAYS: byChoice(4, 'days', 'and so many days more'),
  MOST_OPTIONS: byChoice(3, 'options', 'offered'),
  MOST_REVIEWED: byChoice(30, 'options', 'judged over a year before giving up'),
  SAME_MOSS_SHARE: byChoice(0.02, 'share', 'shares nearer than this are the same'),
  MOSS_UNIT: byChoice(0.25, 'share', 'so much moss more or less is one unit of change'),
  SIZES_BELOW: byChoice(2, 'sizes', 'of pot shown that are narrower than the one on the stage'),
  SIZES_BESIDE: byChoice(6, 'sizes', 'of pot shown beside each other'),
  LIVES_DRAWN: byChoice(14, 'futures', 'drawn in a pot from above'),
  SIZES_LOOKED_AT: byChoice(10, 'sizes', 'of pot in which growth is looked at where none are named'),
  RIM_STEP_EFFORT: byChoice(0.7, 'units', 'of change for one pot size'),
  WALL_EFFORT: byChoice(1.2, 'units', 'of change for another wall'),
  // Changes by hand.
  LEAST_LAYER_CM: byChoice(0.5, 'cm', 'a thinner layer is none'),
  RIM_FREE_CM: byChoice(0.2, 'cm', 'a hand may fill a pot to so much under the rim'),
  // The wet foot.
  FULL_ABOVE: fromMemory(0.8, 'share of the passages', 'above this passages count as full'),
} as const;

/** Shares of moss tried in tuning: finer where a little moss changes much. */
export const mossShareConstants = [0, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.5, 0.6].map((share) =>
  byChoice(share, 'share', 'of moss, tried in tuning'),
);

export const k = numbersOf(exploreConstants);
