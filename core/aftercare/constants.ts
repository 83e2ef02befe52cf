import { byChoice, fromMemory, fromPractice, numbersOf } from '../base';

export const aftercareConstants = {
  EARLY_SUN_DAYS: fromPractice(30, 'days', 'in the gentle sun of early morning, before its final light'),
  FEED_AFTER_WATER_DAYS: fromPractice(7, 'days', 'at least from its first watering to its first feed'),
  FIRST_WATER_SPREAD_DAYS: fromPractice(2, 'days', 'in which the first watering is in time'),
  LIGHT_SPREAD_DAYS: fromPractice(7, 'days', 'in which a change of light is in time'),
  FEED_SPREAD_DAYS: fromPractice(14, 'days', 'in which a first feed is in time'),
  REST_SPREAD_DAYS: fromPractice(14, 'days', 'in which a rest may begin'),
  ASKED_AFTER_DAYS: byChoice(21, 'days', 'for which a step that was missed is still asked for'),
  OPEN_COVER_DAYS: fromPractice(14, 'days', 'in which a cover is opened step by step'),
  FULL_RESERVOIR_DAYS: fromPractice(7, 'days', 'in which a reservoir is filled as usual'),
  LOOK_FOR_ROOTS_SPREAD_DAYS: fromPractice(5, 'days', 'in which such a look is in time'),
  JUDGE_AGAIN_DAY: fromPractice(180, 'days', 'after potting: half a year shows whether it took'),
  JUDGE_AGAIN_DAYS: fromPractice(30, 'days', 'in which that is in time'),
  ROOTS_LOST_PCT: fromMemory(15, 'points', 'of live roots fewer, from which roots were lost'),
  DRIES_OTHERWISE: fromMemory(0.2, 'share', 'by which a pot dries sooner or later than reckoned before it tells'),
  KEPT_OTHERWISE: fromMemory(0.25, 'share', 'by which waterings come sooner or later than reckoned before it tells'),
  FOLLOWED_DAYS: byChoice(270, 'days', 'for which a plant is nursed after it was potted'),
} as const;
export const k = numbersOf(aftercareConstants);
