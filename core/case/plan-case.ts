/**
 * A case: everything a grower can say about one plant, its place and their time. Only the genus and
 * the place must be given; `resolveCase` fills the rest and says what it filled.
 */
import { z } from 'zod';
import type { Place } from '../air';
import { demoPlaceById, demoPlaceIds } from '../demo/places';
import type { Routine } from '../drydown';
import { mediumIds } from '../media';
import {
  growthHabits,
  genusById,
  genusIds,
  plantStates,
  rootBallFromPotCm,
  typicalRootBallCm,
  typicalRootMm,
  type PlantInHand,
} from '../plants';
import { potKindIds, mountKindIds } from '../pots';
import { oneOf, quantity, wholeQuantity } from './quantities';
import { placeSchema } from './place-schema';

const TIMES_MESSAGE = 'timesADay must be between 1 and 4';

export const routineSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('every'), days: wholeQuantity('everyDays') }),
  z.strictObject({
    kind: z.literal('weekdays'),
    weekdays: z
      .array(z.int().min(0).max(6), { error: 'weekdays must be numbers from 0 (Monday) to 6 (Sunday)' })
      .min(1, { error: 'weekdays needs at least one day' })
      .max(7),
  }),
  z.strictObject({ kind: z.literal('when dry') }),
  z.strictObject({
    kind: z.literal('misting'),
    timesADay: z.int({ error: TIMES_MESSAGE }).min(1, { error: TIMES_MESSAGE }).max(4, { error: TIMES_MESSAGE }),
  }),
]);

export const currentSetupSchema = z.strictObject({
  vesselKind: oneOf('current.vesselKind', [...potKindIds, ...mountKindIds]).optional(),
  rimDiameterCm: quantity('rimDiameterCm').optional(),
  mediumId: oneOf('current.mediumId', mediumIds).optional(),
  yearsInMedium: quantity('yearsInMedium').optional(),
});

const MONTH_MESSAGE = 'month must be between 1 and 12';

export const planCaseSchema = z.strictObject({
  genus: oneOf('genus', genusIds),
  place: z.union([oneOf('place', demoPlaceIds), placeSchema], {
    error: `place must be one of ${demoPlaceIds.join(', ')}, or a whole place with its 12 months`,
  }),
  rootDiameterMm: quantity('rootDiameterMm').optional(),
  habit: z.enum(growthHabits, { error: `habit must be one of: ${growthHabits.join(', ')}` }).optional(),
  shootCount: wholeQuantity('shootCount').optional(),
  rootBallDiameterCm: quantity('rootBallDiameterCm').optional(),
  heightCm: quantity('plantHeightCm').optional(),
  leafAreaCm2: quantity('leafAreaCm2').optional(),
  state: z.enum(plantStates, { error: `state must be one of: ${plantStates.join(', ')}` }).optional(),
  current: currentSetupSchema.optional(),
  routine: routineSchema.optional(),
  yearsWanted: quantity('yearsWanted').optional(),
  month: z.int({ error: MONTH_MESSAGE }).min(1, { error: MONTH_MESSAGE }).max(12, { error: MONTH_MESSAGE }).optional(),
});

export type PlanCase = z.infer<typeof planCaseSchema>;

export interface CurrentSetup {
  readonly vesselKind: string | null;
  readonly rimDiameterCm: number | null;
  readonly mediumId: string | null;
  readonly yearsInMedium: number | null;
}

/** A case with nothing left open, and the names of what was filled in. */
export interface ResolvedCase {
  readonly plant: PlantInHand;
  readonly place: Place;
  readonly routine: Routine;
  readonly current: CurrentSetup;
  readonly yearsWanted: number | null;
  /** 0 = January. */
  readonly monthIndex: number;
  readonly assumed: readonly string[];
}

export const DEFAULT_EVERY_DAYS = 7;
/** First month of spring: when most plants are potted. */
const SPRING_NORTH = 3;
const SPRING_SOUTH = 9;

export function resolveCase(input: PlanCase): ResolvedCase {
  const genus = genusById(input.genus);
  const place = typeof input.place === 'string' ? demoPlaceById(input.place) : (input.place as Place);
  const assumed: string[] = [];
  function given<T>(name: string, value: T | undefined, otherwise: T): T {
    if (value !== undefined) return value;
    assumed.push(name);
    return otherwise;
  }
  const shootCount = given('shootCount', input.shootCount, genus.habit === 'single stem' ? 1 : 4);
  // The pot it comes out of says more than the genus about how big its ball is.
  const rimNowCm = input.current?.rimDiameterCm;
  const expectedBallCm =
    rimNowCm === undefined ? typicalRootBallCm(genus, shootCount) : Math.min(40, rootBallFromPotCm(rimNowCm));
  const plant: PlantInHand = {
    genus,
    rootDiameterMm: given('rootDiameterMm', input.rootDiameterMm, Math.round(typicalRootMm(genus) * 10) / 10),
    habit: given('habit', input.habit, genus.habit),
    shootCount,
    rootBallDiameterCm: given('rootBallDiameterCm', input.rootBallDiameterCm, expectedBallCm),
    heightCm: given('heightCm', input.heightCm, genus.heightCm),
    leafAreaCm2: given('leafAreaCm2', input.leafAreaCm2, Math.round(genus.leafAreaPerShootCm2 * Math.sqrt(shootCount))),
    state: given('state', input.state, 'growing, new root tips'),
  };
  return {
    plant,
    place,
    routine: given<Routine>('routine', input.routine, { kind: 'every', days: DEFAULT_EVERY_DAYS }),
    current: {
      vesselKind: input.current?.vesselKind ?? null,
      rimDiameterCm: input.current?.rimDiameterCm ?? null,
      mediumId: input.current?.mediumId ?? null,
      yearsInMedium: input.current?.yearsInMedium ?? null,
    },
    yearsWanted: input.yearsWanted ?? null,
    monthIndex: given('month', input.month, place.latitudeDeg >= 0 ? SPRING_NORTH : SPRING_SOUTH) - 1,
    assumed,
  };
}
