/**
 * A case: everything a grower can say about one plant, its place and their time. Only the genus and
 * the place must be given; `resolveCase` fills the rest and says what it filled.
 */
import { z } from 'zod';
import { type Genus, genusById, genusIds, growthHabits, hasBulbs } from '../catalogue/genera';
import { mediumIds } from '../catalogue/media';
import { demoPlaceById, demoPlaceIds } from '../catalogue/places';
import { type SchoolChoices, schoolIds, schools, type Stance, stanceOf } from '../catalogue/schools';
import { mountKindIds, potKindIds } from '../catalogue/vessels';
import type { Holiday, Routine } from '../physics/drydown';
import type { OwnMedium } from '../physics/media';
import { type Place, withHeatWave } from '../physics/places';
import { genusOverridesSchema, ownGenusSchema, withOverrides } from './genus-schema';
import { ownMediumSchema, type OwnPot, ownPotSchema } from './own-schema';
import { placeSchema } from './place-schema';
import { type BulbState, bulbStates, type PlantInHand, plantStates, rootBallFromPotCm, typicalRootBallCm, typicalRootMm, usualLiveRootShare } from './plant';
import { oneOf, quantity, wholeQuantity } from './quantities';

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

/** One side for each question a grower has settled. */
export const schoolChoicesSchema = z.strictObject(
  Object.fromEntries(
    schools.map((school) => [
      school.id,
      oneOf(
        `schools.${school.id}`,
        school.sides.map((side) => side.id),
      ).optional(),
    ]),
  ) as Record<(typeof schoolIds)[number], z.ZodOptional<z.ZodEnum>>,
);

export const planCaseSchema = z.strictObject({
  genus: z.union([oneOf('genus', genusIds), ownGenusSchema], {
    error: `genus must be one of ${genusIds.slice(0, 12).join(', ')} and ${genusIds.length - 12} more, or a whole genus of your own`,
  }),
  /** What differs on this plant from its genus. */
  genusOverrides: genusOverridesSchema.optional(),
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
  liveRootsPct: quantity('liveRootsPct').optional(),
  hasNewTips: z.boolean({ error: 'hasNewTips must be true or false' }).optional(),
  bulbs: z.enum(bulbStates, { error: `bulbs must be one of: ${bulbStates.join(', ')}` }).optional(),
  current: currentSetupSchema.optional(),
  routine: routineSchema.optional(),
  yearsWanted: quantity('yearsWanted').optional(),
  /** Weeks away, when nobody waters. */
  holiday: z.strictObject({ fromDay: wholeQuantity('dayOfYear'), days: wholeQuantity('holidayDays') }).optional(),
  /** One month warmer than usual. */
  heatWave: z.strictObject({ month: z.int().min(1).max(12), warmerC: quantity('warmerC') }).optional(),
  schools: schoolChoicesSchema.optional(),
  /** Media the grower measured: they join the candidates. */
  ownMedia: z.array(ownMediumSchema).max(24, { error: 'ownMedia must hold at most 24 media' }).optional(),
  /** Pots on the shelf; when given, no other pots are proposed. */
  ownPots: z.array(ownPotSchema).max(60, { error: 'ownPots must hold at most 60 pots' }).optional(),
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
  readonly holiday: Holiday | null;
  readonly stance: Stance;
  /** The questions the grower settled, by themselves. */
  readonly chosenSchools: SchoolChoices;
  readonly ownMedia: readonly OwnMedium[];
  readonly ownPots: readonly OwnPot[];
  /** 0 = January. */
  readonly monthIndex: number;
  readonly assumed: readonly string[];
}

export const DEFAULT_EVERY_DAYS = 7;
/** First month of spring: when most plants are potted. */
const SPRING_NORTH = 3;
const SPRING_SOUTH = 9;

/** The genus of a case: from the catalogue or the grower's own, with this plant's differences. */
export function genusOf(input: Pick<PlanCase, 'genus' | 'genusOverrides'>): Genus {
  const genus = typeof input.genus === 'string' ? genusById(input.genus) : (input.genus as Genus);
  return withOverrides(genus, input.genusOverrides);
}

/** What a plant is filed under: the catalogue's id, or the name of the grower's own genus. */
export function genusIdOf(input: Pick<PlanCase, 'genus'>): string {
  return typeof input.genus === 'string' ? input.genus : input.genus.name;
}

function placeOf(input: PlanCase): Place {
  const place = typeof input.place === 'string' ? demoPlaceById(input.place) : (input.place as Place);
  return input.heatWave ? withHeatWave(place, [input.heatWave.month - 1], input.heatWave.warmerC) : place;
}

export function resolveCase(input: PlanCase): ResolvedCase {
  const genus = genusOf(input);
  const place = placeOf(input);
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
  const state = given('state', input.state, 'growing, new root tips');
  const habit = given('habit', input.habit, genus.habit);
  const plant: PlantInHand = {
    genus,
    rootDiameterMm: given('rootDiameterMm', input.rootDiameterMm, Math.round(typicalRootMm(genus) * 10) / 10),
    habit,
    shootCount,
    rootBallDiameterCm: given('rootBallDiameterCm', input.rootBallDiameterCm, expectedBallCm),
    heightCm: given('heightCm', input.heightCm, genus.heightCm),
    leafAreaCm2: given('leafAreaCm2', input.leafAreaCm2, Math.round(genus.leafAreaPerShootCm2 * Math.sqrt(shootCount))),
    state,
    liveRootShare: given('liveRootsPct', input.liveRootsPct, 100 * usualLiveRootShare(state)) / 100,
    hasNewTips: given('hasNewTips', input.hasNewTips, state === 'growing, new root tips'),
    bulbs: given<BulbState>('bulbs', input.bulbs, hasBulbs(habit) ? 'plump' : 'no bulbs'),
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
    holiday: input.holiday ? { fromDay: input.holiday.fromDay - 1, days: input.holiday.days } : null,
    stance: stanceOf((input.schools ?? {}) as SchoolChoices),
    chosenSchools: (input.schools ?? {}) as SchoolChoices,
    ownMedia: input.ownMedia ?? [],
    ownPots: input.ownPots ?? [],
    monthIndex: given('month', input.month, place.latitudeDeg >= 0 ? SPRING_NORTH : SPRING_SOUTH) - 1,
    assumed,
  };
}
