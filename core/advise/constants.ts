import { byChoice, fromMemory, fromPractice, numbersOf } from '../base';

export const adviceConstants = {
  // Timing.
  SPENT_SHARE: fromMemory(1.3, 'lives', 'organic media older than so many of their lives are broken down'),
  LOOK_AT_FLOWERS_DAYS: fromMemory(21, 'days', 'to the next look at a plant in bud or bloom'),
  LOOK_AT_SHOOT_DAYS: fromMemory(14, 'days', 'to the next look at a shoot that grows'),
  LOOK_FOR_TIPS_DAYS: fromMemory(14, 'days', 'to the next look for root tips'),
  LOOK_FOR_NEXT_TIPS_DAYS: fromMemory(60, 'days', 'until another flush of root tips may follow a long one'),
  LOOK_AT_SPENT_DAYS: fromMemory(10, 'days', 'to the next look at a plant in a spent medium'),
  BACKWARDS_BELOW_LIVE: fromMemory(0.6, 'share', 'of live roots under which a plant goes backwards'),
  LEAST_BAD_SHOWN: byChoice(3, 'setups', 'shown where nothing suits'),
  CLEARLY_BETTER_POINTS: byChoice(6, 'points', 'of a score: what is bought for less is not worth the way'),
  PLACES_NAMED: byChoice(2, 'places', 'named that suit better'),
  // Division.
  BULBS_A_PIECE: fromPractice(4, 'bulbs', 'with roots of their own that a piece wants'),
  LEAST_BULBS_A_PIECE: fromPractice(3, 'bulbs', 'with roots of their own that a piece has at least'),
  FANS_A_PIECE: fromPractice(3, 'fans', 'or tufts with roots of their own that a piece wants'),
  WORTH_DIVIDING_SHOOTS: fromPractice(4, 'shoots', 'from which the question arises'),
  SELDOM_DIVIDED_SHOOTS: fromMemory(12, 'shoots', 'from which even what is divided seldom may be'),
  // Reasons.
  NEARLY_INSIDE: byChoice(1.06, 'times', 'off the band that suits is told as inside it'),
  // Placement.
  TUCKED_IN_CM: fromPractice(0.5, 'cm', 'how far a base goes under that is just tucked in'),
  ON_TOP_CM: fromPractice(0.3, 'cm', 'how far a base stands above the surface it sits on'),
  COVERED_CM: fromPractice(1, 'cm', 'how far a base goes under whose roots must all be covered'),
  BULB_UNDER_CM: fromPractice(4, 'cm', 'how far underground bulbs go under'),
  DEEPER_PIECES: fromMemory(1.5, 'pieces', 'in dry air fussy roots go so much deeper: a piece or two'),
  // Aftercare, days after potting.
  ASLEEP_DAYS: fromPractice(60, 'days', 'a sleeping plant is kept nearly dry'),
  CUTS_CLOSE_DAYS: fromPractice(4, 'days', 'cut roots dry until they close'),
  SHADE_DAYS: fromPractice(14, 'days', 'in shade'),
  FEED_DAYS: fromPractice(14, 'days', 'without feed'),
  FEED_LATE_DAYS: fromPractice(30, 'days', 'without feed on a mount or with poor roots'),
  SETTLED_IN_DAYS: fromMemory(120, 'days', 'until the first growing season after potting is over'),
  REST_UNTIL_DAY: fromMemory(240, 'days', 'until the rest after it is over'),
  LOOK_FOR_ROOTS_EVERY_DAYS: fromPractice(14, 'days', 'between looks for new roots on a plant that has hardly any'),
  LOOK_FOR_ROOTS_UNTIL_DAY: fromPractice(112, 'days', 'after potting, until when such a plant is looked at'),
  TUG_FROM_DAY: fromPractice(28, 'days', 'when a gentle tug first tells'),
  TUG_UNTIL_DAY: fromPractice(56, 'days', 'when a gentle tug last tells'),
  LOW_RESERVOIR_DAYS: fromPractice(30, 'days', 'while a reservoir is filled low'),
  FEED_LEAST_PPM: fromPractice(50, 'ppm', 'weakest feed in growth'),
  FEED_MOST_PPM: fromPractice(100, 'ppm', 'strongest feed in growth'),
  FEED_WINTER_LEAST_PPM: fromPractice(30, 'ppm', 'weakest feed in the dark months'),
  FEED_WINTER_MOST_PPM: fromPractice(50, 'ppm', 'strongest feed in the dark months'),
  DARK_MONTHS: fromPractice(4, 'months', 'of the year are dark where days differ'),
  HUNGRY_STRENGTH: fromPractice(2, 'times', 'the feed for what is hungry in growth'),
  DS_M_PER_PPM: fromPractice(0.008, 'dS/m per ppm', 'of nitrogen, above the water’s own: 0.4-0.8 for 50-100 ppm'),
  SOFT_WATER_DS_M: fromPractice(0.3, 'dS/m', 'at most, for plants that take salts badly'),
  HARD_WATER_DS_M: fromMemory(0.7, 'dS/m', 'from here on water wants a monthly flush'),
  PURE_WATER_DS_M: fromMemory(0.1, 'dS/m', 'purer water has no calcium to speak of'),
  HUMID_DAYS: fromPractice(60, 'days', 'under a cover for what has few roots'),
  LOOK_FROM_DAY: fromPractice(7, 'days', 'after which the first look is due'),
  HALF_STRENGTH: fromPractice(0.5, 'share', 'of the feed for plants that take salts badly'),
  // Costs.
  SOONER_AT_FIRST: fromMemory(0.88, 'share', 'of its later days in which a new mix asks for water: worth telling'),
  FIRST_WEEKS_DAYS: fromPractice(28, 'days', 'in which a new mix learns to take water'),
  PRICE_STEP: fromMemory(2, '', 'each price class costs so many times the one below'),
  LEAST_REPOT_YEARS: fromMemory(0.5, 'years', 'nothing is repotted sooner'),
  LAYER_STEP_HOURS: byChoice(2, 'h', 'step in which a pot is followed with and without a layer'),
} as const;

export const k = numbersOf(adviceConstants);
