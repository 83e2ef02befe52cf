/** What follows after potting: the first weeks, as facts. Common practice, no source. */
import { isAsleep, isFailing, isToBeRooted, type PlantInHand, showsTips } from '../case';
import type { LightClass, Rest } from '../catalogue/genera';
import type { Stance } from '../catalogue/schools';
import { k } from './constants';
import type { FirstWeeks } from './first-weeks';

/** When a step holds: days after potting, from and until. */
interface Span {
  readonly fromDay: number;
  readonly untilDay: number;
}

export type AftercareFact = Span &
  (
    | {
        readonly code: 'water';
        readonly how:
          | 'keep nearly dry'
          | 'just moist'
          | 'once, then sparingly'
          | 'at once'
          | 'at once, hates drought'
          | 'after the cuts have closed';
      }
    | {
        readonly code: 'feed';
        /** Feeding starts after a month (weak plants, mounts), after two weeks, or with the new growth of a sleeping one. */
        readonly starts: FeedStart;
        readonly leastDsM: number;
        readonly mostDsM: number;
        readonly leastPpm: number;
        readonly mostPpm: number;
        /** In the dark months a plant takes less. */
        readonly isWinter: boolean;
      }
    | { readonly code: 'first weeks'; readonly days: number; readonly laterDays: number }
    | { readonly code: 'rest'; readonly how: Exclude<Rest, 'none'> }
    /** Towards the light it lives in. */
    | { readonly code: 'shade'; readonly light: LightClass }
    /** Its water has more salts than it takes, or is so pure that it lacks calcium. */
    | { readonly code: 'water is hard' | 'water is pure'; readonly waterDsM: number; readonly mostDsM: number }
    /** What has hardly any roots is looked at again and again, until new ones show. */
    | { readonly code: 'look for roots'; readonly everyDays: number }
    | { readonly code: 'flush' | 'tug' | 'watch' | 'look' | 'seaweed' | 'humid' }
  );

export type FeedStart = 'after a month' | 'after two weeks' | 'with new growth';

export interface AftercareInput {
  readonly plant: PlantInHand;
  readonly stance: Pick<Stance, 'after-cutting'>;
  /** Whether it is potted in the months in which its kind rests, and in the dark months of its place. */
  readonly isRestMonth: boolean;
  readonly isDarkMonth: boolean;
  readonly isMount: boolean;
  readonly hasReservoir: boolean;
  /** Salts of the plain water, dS/m. */
  readonly waterDsM: number;
  /** What a new mix asks for at first; null where it makes no difference. */
  readonly firstWeeks: FirstWeeks | null;
}

/** Whether freshly cut roots are kept dry for some days: the school decides, or the plant. */
function keepsDryAfterCutting(plant: PlantInHand, stance: Pick<Stance, 'after-cutting'>): boolean {
  if (stance['after-cutting'] === 'dry-spell') return true;
  if (stance['after-cutting'] === 'at-once') return false;
  return plant.genus.regime !== 'evenly moist';
}

function firstWater({ plant, stance, isRestMonth }: AftercareInput): AftercareFact {
  if (isAsleep(plant)) {
    const how = plant.genus.rest === 'leafless and moist' ? 'just moist' : 'keep nearly dry';
    return { code: 'water', fromDay: 0, untilDay: k.ASLEEP_DAYS, how };
  }
  if (isRestMonth) return { code: 'water', fromDay: 0, untilDay: k.ASLEEP_DAYS, how: 'once, then sparingly' };
  if (keepsDryAfterCutting(plant, stance)) {
    return { code: 'water', fromDay: 0, untilDay: k.CUTS_CLOSE_DAYS, how: 'after the cuts have closed' };
  }
  const how = plant.genus.regime === 'evenly moist' ? 'at once, hates drought' : 'at once';
  return { code: 'water', fromDay: 0, untilDay: 1, how };
}

const feedFromDay: Readonly<Record<FeedStart, number>> = {
  'with new growth': k.ASLEEP_DAYS,
  'after a month': k.FEED_LATE_DAYS,
  'after two weeks': k.FEED_DAYS,
};

/** What has few roots or none yet takes half the feed, and damp air. */
function isYoung({ stage }: PlantInHand): boolean {
  return stage === 'seedling' || isToBeRooted(stage);
}

function firstFeed({ plant, isMount, isDarkMonth }: AftercareInput): AftercareFact {
  const isLate = isMount || isFailing(plant) || isToBeRooted(plant.stage);
  const starts = isAsleep(plant) ? 'with new growth' : isLate ? 'after a month' : 'after two weeks';
  // A sleeping plant feeds in the season after.
  const isWinter = isDarkMonth && !isAsleep(plant);
  const isHungry = plant.genus.traps.includes('hungry in growth') && !isWinter;
  const strength =
    plant.genus.saltTolerance === 'low' || isYoung(plant) ? k.HALF_STRENGTH : isHungry ? k.HUNGRY_STRENGTH : 1;
  const leastPpm = (isWinter ? k.FEED_WINTER_LEAST_PPM : k.FEED_LEAST_PPM) * strength;
  const mostPpm = (isWinter ? k.FEED_WINTER_MOST_PPM : k.FEED_MOST_PPM) * strength;
  return {
    code: 'feed',
    fromDay: feedFromDay[starts],
    untilDay: k.SETTLED_IN_DAYS,
    starts,
    leastPpm,
    mostPpm,
    leastDsM: leastPpm * k.DS_M_PER_PPM,
    mostDsM: mostPpm * k.DS_M_PER_PPM,
    isWinter,
  };
}

/** What its water wants: less salt for plants that take them badly, calcium where it has none. */
function ofItsWater({ plant, waterDsM }: AftercareInput): readonly AftercareFact[] {
  const span = { fromDay: 0, untilDay: k.SETTLED_IN_DAYS, waterDsM };
  const mostDsM = plant.genus.saltTolerance === 'low' ? k.SOFT_WATER_DS_M : k.HARD_WATER_DS_M;
  if (waterDsM > mostDsM) return [{ ...span, code: 'water is hard', mostDsM }];
  return waterDsM < k.PURE_WATER_DS_M ? [{ ...span, code: 'water is pure', mostDsM }] : [];
}

function rootsLookedFor(plant: PlantInHand): readonly AftercareFact[] {
  if (!isFailing(plant) && !isToBeRooted(plant.stage)) return [];
  const everyDays = k.LOOK_FOR_ROOTS_EVERY_DAYS;
  return [{ code: 'look for roots', fromDay: everyDays, untilDay: k.LOOK_FOR_ROOTS_UNTIL_DAY, everyDays }];
}

export function firstAftercare(input: AftercareInput): readonly AftercareFact[] {
  // A sleeping plant is left alone: nothing to flush with, to shade or to tug at until it grows.
  if (isAsleep(input.plant)) return [firstWater(input), firstFeed(input)];
  const steps: AftercareFact[] = [
    firstWater(input),
    { code: 'flush', fromDay: 0, untilDay: 1 },
    ...(input.firstWeeks === null
      ? []
      : [{ code: 'first weeks' as const, fromDay: 0, untilDay: k.FIRST_WEEKS_DAYS, ...input.firstWeeks }]),
    { code: 'shade', fromDay: 0, untilDay: k.SHADE_DAYS, light: input.plant.genus.light },
    ...(isYoung(input.plant) ? [{ code: 'humid' as const, fromDay: 0, untilDay: k.HUMID_DAYS }] : []),
    { code: 'look', fromDay: k.LOOK_FROM_DAY, untilDay: k.SHADE_DAYS },
    ...(showsTips(input.plant.signs) ? [{ code: 'seaweed' as const, fromDay: 0, untilDay: k.FEED_LATE_DAYS }] : []),
    firstFeed(input),
    ...ofItsWater(input),
    ...rootsLookedFor(input.plant),
    { code: 'tug', fromDay: k.TUG_FROM_DAY, untilDay: k.TUG_UNTIL_DAY },
  ];
  if (input.hasReservoir) steps.push({ code: 'watch', fromDay: 0, untilDay: k.LOW_RESERVOIR_DAYS });
  const { rest } = input.plant.genus;
  if (rest !== 'none') steps.push({ code: 'rest', fromDay: k.SETTLED_IN_DAYS, untilDay: k.REST_UNTIL_DAY, how: rest });
  return steps;
}
