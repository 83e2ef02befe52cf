import { byChoice, fromMemory, fromPractice, numbersOf } from '../base';

export const dayConstants = {
  // What a plant's work takes, minutes.
  STERILISE_MIN: fromMemory(2, 'min', 'blade and hands cleaned before each plant'),
  UNPOT_MIN: fromMemory(3, 'min', 'to unpot a small plant and look at it'),
  UNPOT_MIN_PER_CM: fromMemory(0.25, 'min/cm', 'more for each centimetre of its ball'),
  CLEAN_MIN_PER_CM: fromMemory(0.35, 'min/cm', 'of ball, to take off old medium and cut dead roots'),
  CLEAN_BALL_KEPT: fromMemory(0.2, 'share', 'of that where the ball is moved on whole'),
  CLEAN_SPENT: fromMemory(1.5, 'times', 'as long where the medium has broken down'),
  CUT_MIN: fromMemory(8, 'min', 'more where all roots are dead; in proportion'),
  POT_MIN: fromMemory(4, 'min', 'to set a small plant into its pot'),
  POT_MIN_PER_L: fromMemory(1.5, 'min/L', 'to fill in, without voids'),
  LAYER_MIN: fromMemory(1, 'min', 'for each layer beside the main one'),
  WICK_MIN: fromMemory(2, 'min', 'to draw in a wick'),
  MOUNT_MIN: fromMemory(10, 'min', 'to tie a plant to its mount, so that nothing moves'),
  FLUSH_MIN: fromMemory(2, 'min', 'to flush it until the run-off is clear'),
  MIX_MIN: fromMemory(5, 'min', 'to measure out one mix'),
  MIX_MIN_PER_L: fromMemory(0.6, 'min/L', 'to pour, rinse and turn it'),
  OTHER_MIX_MIN: fromMemory(3, 'min', 'to clear the bench for another mix'),
  SCRUB_MIN: fromMemory(10, 'min', 'to scrub bench and tools after a sick plant, where a sound one follows'),
  // What goes on by itself.
  SOAK_MIN: fromPractice(20, 'min', 'in water before it is unpotted: wet roots bend, dry ones snap'),
  FIZZ_MIN: fromPractice(10, 'min', 'until peroxide has fizzed out'),
  DRAIN_MIN: fromPractice(10, 'min', 'until what was flushed has drained'),
  // Room.
  BENCH_CM: byChoice(120, 'cm', 'of bench or tub for pots that soak, where nobody said'),
  POT_GAP_CM: fromMemory(2, 'cm', 'between two pots that soak'),
  // How the order is judged: what it is worth to a grower, in minutes of the day.
  URGENT_PER_MIN: byChoice(3, 'min', 'of the day, for each minute that a plant waits that cannot wait'),
  SICK_BEFORE_SOUND_MIN: byChoice(90, 'min', 'of the day, for each sound plant that is done after a sick one'),
  CLEAN_BEFORE_DIRTY_MIN: byChoice(1.5, 'min', 'of the day, for each clean plant before one full of rotten medium'),
  SUN_PER_MIN: byChoice(0.8, 'min', 'of the day, for each minute that a shade plant is worked on in the sun'),
  TIRED_PER_L_H: byChoice(0.6, 'min', 'of the day, for each litre of pot and each hour that it comes later'),
  // How the order is sought.
  EXACT_UP_TO: byChoice(7, 'plants', 'of which every order is looked at'),
  NEAR: byChoice(8, 'places', 'that a plant is moved to either side while the order is mended'),
  MOST_ROUNDS: byChoice(12, 'rounds', 'of mending'),
  // How sure the time is.
  PLANT_SPREAD: fromMemory(0.35, 'share', 'by which one plant takes longer or shorter than reckoned'),
  PACE_SPREAD: fromMemory(0.2, 'share', 'by which one grower is slower or faster than another'),
  SPREADS_80: fromMemory(1.2816, 'spreads', 'on either side: four days of five lie between'),
  URGENT_FROM: byChoice(0.8, 'share', 'of urgency from which a plant cannot wait'),
  HELPER_SHARE: fromMemory(0.7, 'share', 'of one’s own work that each helper adds'),
  // Mixes.
  RESERVE_SHARE: fromPractice(0.1, 'share', 'more of a mix than the pots take'),
  // Pots: what it costs to take another than the one wanted, in points.
  POT_NARROWER: byChoice(4, 'points/cm', 'for a rim narrower than wanted'),
  POT_WIDER_ORGANIC: byChoice(2, 'points/cm', 'for a wider one: more that stays wet'),
  POT_WIDER_INORGANIC: byChoice(1, 'points/cm', 'for a wider one where the medium does not rot'),
  POT_DEPTH: byChoice(0.6, 'points/cm', 'for another depth'),
  POT_OTHER_WALL: byChoice(3, 'points', 'for another wall, which dries another way'),
  POT_OTHER_SHAPE: byChoice(1, 'points', 'for square instead of round, and such'),
  POT_OTHER_OPENING: byChoice(2, 'points', 'for open work instead of a closed wall'),
  POT_BOUGHT: byChoice(9, 'points', 'for a pot that has to be bought: so far another one does instead'),
  POT_MOST_CM: byChoice(4, 'cm', 'of rim by which another pot may differ'),
  LEAST_LAYER_CM: byChoice(0.2, 'cm', 'of a layer in a pot that is lower than the one wanted'),
  // Instead of a medium that is short.
  INSTEAD_MOST: byChoice(2.2, 'points', 'that a medium may be unlike and still do instead'),
  INSTEAD_OTHER_FAMILY: byChoice(0.4, 'points', 'for another family of media'),
  INSTEAD_PER_SHARE: byChoice(4, 'points', 'for all the air, or all the water, that it holds more or less'),
  INSTEAD_DEPTH_CM: byChoice(10, 'cm', 'of depth at which two media are compared'),
  INSTEAD_NAMED: byChoice(3, 'media', 'that are named at most'),
} as const;
export const k = numbersOf(dayConstants);
