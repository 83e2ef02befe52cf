import { byChoice, byDefinition, fromMemory, fromPractice, numbersOf } from '../base';

export const dueConstants = {
  // How far ahead is looked.
  RIM_MOST_YEARS: byChoice(8, 'years', 'for which growth is followed to the rim'),
  RIM_HALVINGS: byChoice(12, 'times', 'the span of years is halved to find a day: to about a day'),
  HALF: byDefinition(0.5, 'share', 'of a distribution on either side of its middle'),
  INSIDE_ONE_SPREAD_SOONER: byDefinition(0.8413, 'share', 'of a normal distribution above one spread under its mean'),
  // How far each day is from being certain.
  LIFE_SPREAD: fromMemory(
    0.25,
    'share',
    'of its life by which one bag of a medium lasts longer or shorter than another',
  ),
  UNKNOWN_LIFE_SPREAD: fromMemory(
    0.4,
    'share',
    'of its life, where only the medium is known and not how it was potted',
  ),
  RIM_LEAST_SPREAD_YEARS: fromMemory(0.15, 'years', 'nobody foresees the rim more closely'),
  SEEN_SPREAD_DAYS: fromMemory(2, 'days', 'for what was seen: it is due since'),
  SIGN_SPREAD_DAYS: fromMemory(6, 'days', 'by which a sign comes sooner or later than the look'),
  FLUSH_SPREAD: fromMemory(0.2, 'share', 'of the days between two flushes'),
  LOOK_AFTER_DAYS: fromPractice(365, 'days', 'every plant is looked over once a year'),
  LOOK_SPREAD_DAYS: fromMemory(60, 'days', 'sooner or later makes no odds'),
  FAILING_BELOW_PCT: fromMemory(50, '%', 'of live roots under which a plant cannot wait for its season'),
  // How much harm it does to leave it, 0 to 1.
  HARM_ROT: fromMemory(0.98, 'share', 'rot runs on'),
  HARM_FAILING: fromMemory(0.93, 'share', 'few live roots left'),
  HARM_SOUR: fromMemory(0.88, 'share', 'a medium that smells sour kills roots'),
  HARM_BREAKING: fromMemory(0.72, 'share', 'a medium that was seen to break down'),
  HARM_SPENT: fromMemory(0.6, 'share', 'a medium past its life, by reckoning'),
  HARM_RIM_SEEN: fromMemory(0.5, 'share', 'a shoot at the rim'),
  HARM_RIM: fromMemory(0.4, 'share', 'a shoot that should be at the rim, by reckoning'),
  HARM_SIGN_SPENT: fromMemory(0.55, 'share', 'a plant that waits in a spent medium'),
  HARM_SIGN_UNKNOWN: fromMemory(0.4, 'share', 'one that waits in nobody knows what'),
  HARM_SIGN_LITTLE: fromMemory(0.3, 'share', 'one that waits in a sound medium'),
  HARM_FLUSH: fromMemory(0.32, 'share', 'salts past what a flush should take out'),
  HARM_UNLOOKED: fromMemory(0.2, 'share', 'nobody has looked for a year'),
  HARM_PESTS: fromMemory(0.8, 'share', 'pests that were seen'),
  PESTS_AGAIN_DAYS: fromPractice(7, 'days', 'after pests were seen or treated they are looked for again'),
  OVERDUE_PER_YEAR: fromMemory(0.5, '1/year', 'by which what is left lying gains on what is not'),
  // What counts.
  WORTH_TELLING: byChoice(0.02, 'share', 'of urgency under which a need is not told'),
  TIPS_FRESH_DAYS: fromMemory(30, 'days', 'for which root tips that were seen still speak'),
  // Watering.
  FACTOR_SPREAD: fromMemory(0.3, 'ln', 'by which a pot dries faster or slower than reckoned, before anybody felt it'),
  FELT_SPREAD: fromMemory(0.2, 'ln', 'by which a finger is off'),
  FELT_STEP: fromMemory(0.15, 'ln', 'from "still wet" or "dry" to just right'),
  BOTTOM_DAYS: byChoice(0.5, 'days', 'the shortest time between two waterings that is told'),
} as const;

export const k = numbersOf(dueConstants);
