import { byChoice, fromPractice, numbersOf } from '../base';

export const nursingConstants = {
  EARLY_SUN_DAYS: fromPractice(30, 'days', 'in the gentle sun of early morning, before its final light'),
  FEED_AFTER_WATER_DAYS: fromPractice(7, 'days', 'at least from its first watering to its first feed'),
  FIRST_WATER_SPREAD_DAYS: fromPractice(2, 'days', 'in which the first watering is in time'),
  LIGHT_SPREAD_DAYS: fromPractice(7, 'days', 'in which a change of light is in time'),
  FEED_SPREAD_DAYS: fromPractice(14, 'days', 'in which a first feed is in time'),
  REST_SPREAD_DAYS: fromPractice(14, 'days', 'in which a rest may begin'),
  ASKED_AFTER_DAYS: byChoice(21, 'days', 'for which a step that was missed is still asked for'),
  FOLLOWED_DAYS: byChoice(270, 'days', 'for which a plant is nursed after it was potted'),
} as const;
export const k = numbersOf(nursingConstants);
