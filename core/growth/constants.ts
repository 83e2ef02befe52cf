import { byChoice, fromMemory, fromPractice, numbersOf, type Sourced, memory, plain, practice } from '../base';
import type { GrowthHabit } from '../catalogue/genera';

/** How a habit spreads, as seen from above. */
export interface SpreadEntry {
  /** Leading shoots of a plant of which nothing is said. */
  readonly leads: Sourced<number>;
  /** By how much a shoot's heading differs from that of the one before it (standard deviation), degrees. */
  readonly wanderDeg: Sourced<number>;
  /** Share of a step that goes sideways and not up. */
  readonly flatShare: Sourced<number>;
  /** True where all leads together make the shoots of a year; false where each lead makes its own. */
  readonly sharesShoots: Sourced<boolean>;
}

export const spreadByHabit: Readonly<Record<GrowthHabit, SpreadEntry>> = {
  creeping: { leads: memory(1), wanderDeg: memory(18), flatShare: practice(1), sharesShoots: memory(false) },
  fans: { leads: memory(1), wanderDeg: memory(20), flatShare: practice(1), sharesShoots: memory(false) },
  rambling: { leads: memory(2), wanderDeg: practice(45), flatShare: memory(0.6), sharesShoots: memory(true) },
  'creeping stem': { leads: memory(2), wanderDeg: memory(35), flatShare: memory(0.25), sharesShoots: memory(true) },
  clump: { leads: memory(3), wanderDeg: memory(35), flatShare: practice(1), sharesShoots: memory(true) },
  canes: { leads: memory(3), wanderDeg: memory(30), flatShare: memory(0.8), sharesShoots: memory(false) },
  'underground bulbs': { leads: memory(3), wanderDeg: memory(30), flatShare: practice(1), sharesShoots: memory(true) },
  'climbing chain': { leads: memory(3), wanderDeg: memory(25), flatShare: memory(0.4), sharesShoots: memory(true) },
  'single stem': { leads: practice(0), wanderDeg: memory(0), flatShare: practice(1), sharesShoots: memory(true) },
};

export const spreadOf = Object.fromEntries(
  Object.entries(spreadByHabit).map(([habit, entry]) => [habit, plain(entry)]),
) as Readonly<Record<GrowthHabit, { leads: number; wanderDeg: number; flatShare: number; sharesShoots: boolean }>>;

export const growthConstants = {
  STEP_SPREAD: fromMemory(0.15, 'share', 'of a step by which steps of one plant differ (standard deviation)'),
  PACE_SPREAD: fromMemory(0.2, 'share', 'of the time to the next shoot by which it differs (standard deviation)'),
  STEP_DIFFERS_SHARE: fromMemory(0.35, 'share', 'of its kind’s step by which one plant’s differs (standard deviation)'),
  PACE_DIFFERS_SHARE: fromMemory(
    0.5,
    'share',
    'of its kind’s shoots a year by which one plant’s differ (standard deviation)',
  ),
  SAME_SHOOT_CM: fromMemory(0.6, 'cm', 'two drawings of one shoot lie no farther apart'),
  LEAST_YEARS_BETWEEN: fromMemory(
    0.3,
    'years',
    'between two maps that tell of growth; under that a hand’s shaking counts',
  ),
  FORK_HALF_DEG: fromMemory(35, '°', 'by which each of two new leads turns from where the one before them was heading'),
  SHOOTS_OF_ANNUALS: fromMemory(2, 'shoots', 'a year from which a kind makes more than one generation'),
  MOST_SHOOTS_PER_LEAD: fromMemory(2, 'shoots', 'a year carry a lead on; more are side shoots'),
  STEM_RING_CM_PER_YEAR: fromPractice(
    0.55,
    'cm',
    'by which the roots of a plant that does not creep spread to each side, a year',
  ),
  LEAD_INSIDE_BALL_SHARE: fromMemory(
    0.25,
    'share',
    'of its width that the newest shoot of a line stands inside the edge of its ball',
  ),
  CROWD_INSIDE_BALL_SHARE: fromMemory(
    0.15,
    'share',
    'of its width that the outermost shoots of a crowd stand inside the edge of its ball',
  ),
  WALL_MARGIN_CM: fromPractice(
    1,
    'cm',
    'from the wall at which a growing tip has arrived: its next roots leave the pot',
  ),
  BALL_MARGIN_CM: fromPractice(0.5, 'cm', 'of medium round a root ball'),
  BULB_RADIUS_CM: fromMemory(0.5, 'cm', 'from the middle of an old bulb to the wall it leans on'),
  BALLS_APART_SHARE: fromMemory(0.85, 'share', 'of two balls’ radii that lie between their middles at least'),
  FAN_DEG: fromMemory(140, '°', 'that the leads of a plant growing one way spread at most'),
  FAN_STEP_DEG: fromMemory(70, '°', 'between two leads of a plant growing one way'),
  CLEAR_SHARE: fromMemory(1, 'share', 'of a ball’s width that a growing tip keeps from the shoots of another plant'),
  TURN_DEG_PER_CM: byChoice(15, '°', 'turned in a trial for each centimetre moved'),
  FIRST_STEP_CM: byChoice(2, 'cm', 'moved in the first trials of a search'),
  LAST_STEP_CM: byChoice(0.06, 'cm', 'moved in the last'),
  ROUGH_STEP_CM: byChoice(0.5, 'cm', 'moved in the last trials of a rough look'),
  LEAST_GAIN_CM: byChoice(1e-6, 'cm', 'of width that a trial must gain'),
  SEVERAL_STEP_CM: byChoice(0.12, 'cm', 'moved in the last trials with several plants'),
  ROUGH_FEW_YEARS: byChoice(1.5, 'years', 'of growth for the first rough look at several plants'),
  ROUGH_MANY_YEARS: byChoice(4, 'years', 'of growth for the second'),
  BEGINNINGS: byChoice(16, 'beginnings', 'from which several plants are placed'),
  TURNS_BEGUN: byChoice(6, 'beginnings', 'of one plant in a square pot, turned by equal parts of a quarter'),
  BEGINNINGS_SEED: byChoice(4711, '', 'of those beginnings'),
  PROMISING: byChoice(2, 'beginnings', 'of these that are followed closely'),
  ROUGH_LIVES: byChoice(16, 'futures', 'in a rough look at several plants'),
  SEVERAL_LIVES: byChoice(64, 'futures', 'in a close look at several plants'),
  POINTS_FOR_CLEARANCE: byChoice(12, 'points', 'of each future looked at for what comes near another plant'),
  LEAST_PACE_IN_SHADE: fromMemory(0.4, 'share', 'of its pace that a plant keeps however dark it stands'),
  ROOTS_FEW_SHARE: fromMemory(0.25, 'share', 'of live roots from which a plant begins to grow faster'),
  ROOTS_ENOUGH_SHARE: fromMemory(0.75, 'share', 'of live roots from which it grows as usual'),
  LEAST_PACE_BY_ROOTS: fromMemory(0.4, 'share', 'of its pace that a plant with few roots keeps in its first year'),
  MOST_YEARS: byChoice(60, 'years', 'after which the calendar of a plant that hardly grows is no longer turned'),
  LEAST_YEARS_GAINED: byChoice(0.01, 'years', 'for which another way of standing is worth while'),
  APART_FROM_DEG: byChoice(75, '°', 'between the headings of two plants from which they grow apart'),
  OFF_CENTRE_FROM_CM: byChoice(0.8, 'cm', 'from the middle: nearer nobody sees it'),
  DIAGONAL_WITHIN_DEG: byChoice(15, '°', 'to the diagonal of a square pot'),
  BEHIND_FROM_DEG: byChoice(
    135,
    '°',
    'between where a plant stands and where it grows, so that its back is to the corner',
  ),
  AT_WALL_FROM_SHARE: byChoice(0.6, 'share', 'of the room behind it from which a plant stands at the wall'),
  UPWARDS_FROM_DEG: byChoice(22.5, '°', 'below the horizontal: what heads lower is drawn a quarter turn on'),
  NEXT_LEAD: byChoice(7919, '', 'from the seed of one lead to that of the next: a prime'),
  NEXT_LIFE: byChoice(
    2654435761,
    '',
    'from the seed of one life to that of the next: 2³² over the golden ratio (Knuth)',
  ),
  SEED: byChoice(20, '', 'of all futures: the same plant has the same'),
  LIVES: byChoice(128, 'futures', 'of a plant'),
  FORKED_SHARE: fromMemory(
    0.7,
    'share',
    'of the pace of a lead that each of two after it keeps, where they share: a larger plant makes more shoots',
  ),
  SHOOTS_PER_LEAD: fromMemory(1.5, 'shoots', 'of a young clump stand behind each of its leads'),
  LEAST_LEADS_OF_CROWD: fromMemory(2, 'leads', 'of a clump, however young'),
  MOST_LEADS: byChoice(12, 'leads', 'followed in one plant: what forks later is not followed'),
} as const;

/** Years of growth that are looked at; between them lines are drawn. */
export const rungYears: readonly number[] = [0, 0.5, 1, 1.5, 2, 3, 4, 6];

export const SEED = growthConstants.SEED.value;
export const LIVES = growthConstants.LIVES.value;
export const k = numbersOf(growthConstants);
