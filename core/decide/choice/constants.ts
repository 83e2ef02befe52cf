import { byChoice, fromMemory, fromPractice, numbersOf } from '../../base';
import type { Approach } from '../../case';
import type { RootHardiness } from '../../catalogue/genera';
import type { MediumFamily } from '../../physics/media';

export const choiceConstants = {
  JUDGED_PER_APPROACH: byChoice(6, 'setups', 'of each way of potting are judged over the whole year'),
  KEPT_PER_KIND: byChoice(3, 'setups', 'of each kind are worth knowing: the best, and two to fall back on'),
  PROMISE_SLACK: byChoice(12, 'points', 'a promise is a guess: so far below the last shown is not worth a year'),
  LIFE_SLOPE_YEARS: fromMemory(2.5, 'years', 'of life in which a medium earns most of what life is worth'),
  YEARLY_YEARS: fromPractice(1, 'years', 'that a medium serves what is potted afresh every year'),
  HEALTH_CURVE: fromMemory(1.6, '', 'how much less the last of root health tells than the first'),
  WORK_SLOPE_MINUTES: fromMemory(6, 'min', 'of watering a week that make a plant work'),
  RARITY_WEIGHT: fromMemory(1.4, '', 'of the points below for what is uncommon: fitted, from 1'),
  CHANGE_WEIGHT: fromMemory(1.4, '', 'of the points below for a change the roots must bear: fitted, from 1'),
  RULE_WEIGHT: fromMemory(0.95, '', 'of the points the rules give: fitted, from 1'),
  SCORE_BEND: byChoice(10, 'points', 'from either end of the scale further points count less'),
  PLACE_WEIGHT: fromMemory(45, 'points', 'off for a place that does not suit the plant at all'),
  DOES_WELL_FROM: fromMemory(0.6, 'share', 'of live roots from which a plant does well where it is'),
  SAME_FAMILY: fromMemory(0.25, 'share', 'of the shock, into another grade of the same medium'),
  SAME_NATURE: fromMemory(0.7, 'share', 'of the shock, from organic to organic or stone to stone'),
  OTHER_WATER: fromMemory(0.5, 'share', 'of the shock besides, onto standing water or off it'),
  TO_BUY_SCREENED: byChoice(40, 'setups', 'with one thing bought that are looked at for some weeks'),
  TO_BUY_JUDGED: byChoice(4, 'setups', 'with one thing bought whose year is reckoned'),
  LEAST_SETUPS: byChoice(6, 'setups', 'shown, where there are so many'),
  MOST_SETUPS: byChoice(14, 'setups', 'shown: what a shelf holds'),
  LEAST_BAD_JUDGED: byChoice(8, 'setups', 'judged where nothing suits'),
  SHOWN_WITHIN: byChoice(35, 'points', 'behind the leader a setup is no choice'),
} as const;

/**
 * What each part of a good setup is worth, in points; together a hundred. Priors are from memory of what kills plants; the
 * weights are those priors as the worked cases moved them (`npm run fit`).
 */
export const weightPriorConstants = {
  'root health over the year': fromMemory(42, 'points', 'water kills first'),
  'far from harm in its worst month': fromMemory(6, 'points', 'for distance from harm on both sides'),
  'air for the roots': fromMemory(15, 'points', 'lack of air kills second'),
  'piece size for the roots': fromMemory(15, 'points', 'fine roots in coarse pieces hold on to nothing'),
  'warmth over the year': fromMemory(5, 'points', 'a pot can do little about it'),
  'forgives a late week': fromMemory(7, 'points', 'growers are late oftener than early'),
  'forgives an early hand': fromMemory(3, 'points', 'some fuss'),
  'life of the medium': fromMemory(3, 'points', 'peace for the roots'),
  'little work': fromMemory(2, 'points', 'minutes a week'),
  price: fromMemory(2, 'points', 'what a litre costs'),
} as const;
export type WeightedPart = keyof typeof weightPriorConstants;
export const weightedParts = Object.keys(weightPriorConstants) as readonly WeightedPart[];

export const weightConstants = {
  'root health over the year': fromMemory(36.5, 'points', 'fitted'),
  'far from harm in its worst month': fromMemory(6.5, 'points', 'fitted'),
  'air for the roots': fromMemory(17.5, 'points', 'fitted'),
  'piece size for the roots': fromMemory(14, 'points', 'fitted'),
  'warmth over the year': fromMemory(6, 'points', 'fitted'),
  'forgives a late week': fromMemory(8, 'points', 'fitted'),
  'forgives an early hand': fromMemory(3.5, 'points', 'fitted'),
  'life of the medium': fromMemory(3.5, 'points', 'fitted'),
  'little work': fromMemory(2.5, 'points', 'fitted'),
  price: fromMemory(2, 'points', 'fitted'),
} satisfies Record<WeightedPart, ReturnType<typeof fromMemory>>;

/** What a full change of medium costs roots without help from new ones, in points. */
export const shockConstants = {
  robust: fromMemory(8, 'points', 'a full change costs robust roots'),
  ordinary: fromMemory(12, 'points', 'a full change costs ordinary roots'),
  fussy: fromMemory(18, 'points', 'a full change costs fussy roots'),
} satisfies Record<RootHardiness, ReturnType<typeof fromMemory>>;

/** How much of that is left, by what the plant shows. */
export const changeShareConstants = {
  tips: fromPractice(0.5, 'share', 'of the shock where new tips take over'),
  shoot: fromMemory(0.7, 'share', 'of the shock with a shoot about to root'),
  unknown: fromMemory(0.8, 'share', 'of the shock where nobody looked'),
  'no tips': fromPractice(1, 'share', 'of the shock without new tips'),
  asleep: fromMemory(0.3, 'share', 'of the shock to a plant without roots'),
} as const;

/** How uncommon a medium is on the benches of growers, in points off: the rarer ones need a reason. */
export const rarityConstants = {
  'conifer bark': fromPractice(0, 'points', 'off bark: everyday'),
  sphagnum: fromPractice(1, 'points', 'off moss: everyday'),
  'expanded clay': fromPractice(2, 'points', 'off expanded clay: everyday'),
  pumice: fromPractice(2, 'points', 'off pumice: everyday'),
  charcoal: fromMemory(4, 'points', 'off a pot of charcoal alone'),
  'soil-like mix': fromMemory(4, 'points', 'off soil for a plant that is no ground orchid'),
  lava: fromMemory(4, 'points', 'off lava'),
  'fired clay': fromMemory(5, 'points', 'off fired clay'),
  'baked clay': fromMemory(6, 'points', 'off baked clay'),
  'tree fern and cork': fromMemory(6, 'points', 'off tree fern: dear, and protected in places'),
  coconut: fromMemory(5, 'points', 'off coconut'),
  'live moss': fromMemory(5, 'points', 'off live moss'),
  perlite: fromMemory(5, 'points', 'off perlite alone'),
  vermiculite: fromMemory(8, 'points', 'off vermiculite alone'),
  stone: fromMemory(6, 'points', 'off plain stones'),
  synthetic: fromMemory(8, 'points', 'off synthetic chips'),
} satisfies Record<MediumFamily, ReturnType<typeof fromMemory>>;

/** The same of ways of potting: what they need besides a pot and a bag. */
export const gearConstants = {
  'organic pot': fromPractice(0, 'points', 'off a pot and bark: everyday'),
  'moss pot': fromPractice(0, 'points', 'off a pot and moss: everyday'),
  'recovery in moss': fromPractice(0, 'points', 'off a cup of moss'),
  'moist inorganic': fromMemory(2, 'points', 'off a pot of stone, which must always be kept moist'),
  'soil-like mix': fromPractice(0, 'points', 'off a pot of soil'),
  'side-hole reservoir': fromMemory(4, 'points', 'off a pot with holes in its side'),
  'wick reservoir': fromMemory(5, 'points', 'off a wick, an outer pot and a gauge'),
  basket: fromMemory(2, 'points', 'off a basket, which must hang'),
  mount: fromMemory(1, 'points', 'off a mount'),
} satisfies Record<Approach, ReturnType<typeof fromMemory>>;

export const gearPoints = numbersOf(gearConstants);
export const weight = numbersOf(weightConstants);
export const weightPrior = numbersOf(weightPriorConstants);
export const shockPoints = numbersOf(shockConstants);
export const changeShare = numbersOf(changeShareConstants);
export const rarityPoints = numbersOf(rarityConstants);
export const k = numbersOf(choiceConstants);
export const LEAST_SETUPS = choiceConstants.LEAST_SETUPS.value;
