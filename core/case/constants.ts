import { byChoice, fromMemory, fromPractice, numbersOf } from '../base';

export const caseConstants = {
  DEFAULT_EVERY_DAYS: fromPractice(7, 'days', 'between waterings where nothing is said: once a week'),
  SPRING_NORTH: fromPractice(3, 'month', 'first of spring north of the equator: when most plants are potted'),
  SPRING_SOUTH: fromPractice(9, 'month', 'first of spring south of the equator'),
  USUAL_SHOOTS: fromMemory(4, 'shoots', 'of a plant of which nothing is said'),
  FAILING_BELOW: fromPractice(0.25, 'share', 'live roots under this and no new tips: it cannot feed itself'),
  LIVE_USUALLY: fromMemory(0.85, 'share', 'of the roots usually live'),
  REST_MONTHS: fromPractice(3, 'months', 'of rest with about half the water'),
  SHORT_REST_MONTHS: fromPractice(2, 'months', 'of a short dry rest in bright light'),
  LEAFLESS_MONTHS: fromPractice(4, 'months', 'that leaf-shedding kinds stand bare and dry'),
  MOST_BALL_CM: fromMemory(40, 'cm', 'no root ball out of a pot is wider'),
  BALLS_APART_SHARE: fromMemory(
    0.85,
    'share',
    'of the width that balls side by side would take: roots reach into each other',
  ),
  BALL_TO_POT_SHARE: fromMemory(0.85, 'share', 'of the pot that a root ball fills'),
  MOST_TYPICAL_BALL_CM: fromMemory(30, 'cm', 'no typical root ball is wider'),
  STEM_ANCHOR_CM: fromMemory(4, 'cm', 'root ball of a single stem, before its height counts'),
  STEM_PER_ROOT_HEIGHT: fromMemory(0.8, '√cm', 'root ball that a single stem gains with the square root of its height'),
  ANCHOR_PER_LN_HEIGHT: fromMemory(1.7, 'cm', 'root ball of a shoot with the logarithm of its height: what anchors it'),
  CROWD_SHARE: fromMemory(0.65, 'share', 'of the square root of the shoots times their step that a crowd is wide'),
  LEAST_FOOTPRINT_CM: fromMemory(2, 'cm', 'that a shoot takes for itself, however close they stand'),
  ROOT_SOLID_SHARE: fromMemory(1 / 8, 'share', 'of a well-rooted ball that is solid root'),
  BALL_DEPTH_SHARE: fromMemory(2 / 3, 'share', 'a root ball is about as deep as two thirds of its width'),
  LEAF_PER_FURTHER_SHOOT: fromMemory(1 / 3, 'share', 'of a shoot’s leaves that each further shoot still carries'),
  MOST_LEAF_AREA_CM2: byChoice(20000, 'cm²', 'the largest plant that is asked about'),
  LEAST_LEAF_AREA_CM2: byChoice(5, 'cm²', 'the smallest'),
  FAILING_DRINKS: fromMemory(0.5, 'share', 'a plant short of roots closes its pores and drinks about half'),
  BULBED_G_PER_CM2: fromMemory(0.25, 'g/cm²', 'weight by leaf area of plants with bulbs'),
  PLAIN_G_PER_CM2: fromMemory(0.15, 'g/cm²', 'weight by leaf area of plants without'),
  WET_ROOTS_G: fromMemory(20, 'g', 'of wet roots with every plant'),
} as const;

export const LIVE_USUALLY = caseConstants.LIVE_USUALLY.value;
export const k = numbersOf(caseConstants);
