/**
 * A case: everything a grower can say about one plant, its place and their time. Only the genus and
 * the place must be given; `resolveCase` fills the rest and says what it filled.
 */
import * as z from 'zod';
import { faultCode } from '../base';
import { genusIds, growthHabits } from '../catalogue/genera';
import { mediumIds } from '../catalogue/media';
import { schoolIds, schools } from '../catalogue/schools';
import { mountKindIds, potKindIds } from '../catalogue/vessels';
import { leadDirections } from './lead-directions';
import { growthMapSchema } from './growth-map-schema';
import { genusOverridesSchema, growersGenusSchema } from './genus-schema';
import { waysToWater } from '../physics/drydown';
import { MAX_MIX_PARTS, mediumFamilies } from '../physics/media';
import type { Place } from '../physics/places';
import { mediumConditions } from './medium-condition';
import { growersMediumSchema, growersPotSchema } from './growers-schema';
import { placeById } from './place-by-id';
import { placeOrIdSchema } from './place-schema';
import { pseudobulbStates } from './plant';
import { listOf, oneOf, quantity, upTo, whole, wholeQuantity } from './quantities';
import { mixPartSchema } from './setup-schema';
import { signsSchema } from './signs-schema';
import { plantStages } from './stage';
import { waterKinds } from './water';

/** A case carries so many of the grower's own things at most. */
const MOST_OWN_MEDIA = 24;
const MOST_OWN_POTS = 60;

/** How the water is given; the can where nothing is said. */
const manner = {
  way: oneOf('way', waysToWater).optional(),
  soakMinutes: quantity('soakMinutes').optional(),
};

/** What some growers do not want, whatever it would do for the plant. */
export const dislikable = ['mounts', 'standing water', 'baskets', 'plastic'] as const;
export type Disliked = (typeof dislikable)[number];

/** What some growers want, whatever else would do better: obeyed as far as it can be, and said where it costs. */
export const wantable = [
  'a mount',
  'a reservoir',
  'organic',
  'inorganic',
  'plastic',
  'no side holes',
  'as it is, larger',
] as const;
export type Wanted = (typeof wantable)[number];

export const routineSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('every'), days: wholeQuantity('everyDays'), ...manner }),
  z.strictObject({
    kind: z.literal('weekdays'),
    weekdays: z
      .array(z.int().min(0).max(6), { error: faultCode({ code: 'weekdays' }) })
      .min(1, { error: faultCode({ code: 'at least one', field: 'weekdays', what: 'day' }) })
      .max(7),
    ...manner,
  }),
  z.strictObject({ kind: z.literal('when dry'), ...manner }),
  z.strictObject({ kind: z.literal('rain') }),
  z.strictObject({
    kind: z.literal('misting'),
    timesADay: whole('timesADay'),
  }),
]);

export const currentSetupSchema = z.strictObject({
  vesselKind: oneOf('current.vesselKind', [...potKindIds, ...mountKindIds]).optional(),
  rimDiameterCm: quantity('rimDiameterCm').optional(),
  mediumId: oneOf('current.mediumId', mediumIds).optional(),
  /** Its parts, where it is a mix or the grower's own; the medium above is then that of most parts. */
  mix: listOf('current.mix', mixPartSchema, MAX_MIX_PARTS, 'parts', 'part').optional(),
  yearsInMedium: quantity('yearsInMedium').optional(),
  /** As it was found, whatever its age. */
  condition: oneOf('current.condition', mediumConditions).optional(),
});

export const feedSchema = z.strictObject({
  addsDsM: quantity('feedAddsDsM').optional(),
  everyDays: quantity('feedEveryDays').optional(),
});

export const holidaySchema = z.strictObject({
  fromDay: wholeQuantity('dayOfYear'),
  days: wholeQuantity('holidayDays'),
});

export const handsRecordSchema = z.strictObject({
  family: oneOf('handsRecord.family', mediumFamilies),
  well: wholeQuantity('pottings'),
  badly: wholeQuantity('pottings'),
});

export const heatWaveSchema = z.strictObject({ month: whole('month'), warmerC: quantity('warmerC') });

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

const rainsOn = (place: string | Place): boolean =>
  (typeof place === 'string' ? placeById(place) : place).months.some(({ rainMm }) => rainMm > 0);

/** Made by whoever asks for it (questions.ts). */
export const makePlanCaseSchema = () =>
  z
    .strictObject({
      genus: z.union([oneOf('genus', genusIds), growersGenusSchema], {
        error: faultCode({ code: 'name or whole', field: 'genus', names: genusIds, whole: 'genus' }),
      }),
      /** What differs on this plant from its genus. */
      genusOverrides: genusOverridesSchema.optional(),
      place: placeOrIdSchema,
      rootDiameterMm: quantity('rootDiameterMm').optional(),
      /** A cutting, a seedling…; grown where nothing is said. */
      stage: oneOf('stage', plantStages).optional(),
      habit: oneOf('habit', growthHabits).optional(),
      /** Plants of this kind that go into one pot; shoots, ball and leaves said are those of all of them. */
      plantCount: wholeQuantity('plantCount').optional(),
      /** Shoots that lead on, and how they run. */
      fronts: wholeQuantity('fronts').optional(),
      frontsRun: oneOf('frontsRun', leadDirections).optional(),
      /** Where its shoots stand, from above: then plants, shoots and leads are counted on it. */
      growthMap: growthMapSchema.optional(),
      shootCount: wholeQuantity('shootCount').optional(),
      rootBallDiameterCm: quantity('rootBallDiameterCm').optional(),
      heightCm: quantity('plantHeightCm').optional(),
      leafAreaCm2: quantity('leafAreaCm2').optional(),
      signs: signsSchema.optional(),
      liveRootsPct: quantity('liveRootsPct').optional(),
      bulbs: oneOf('bulbs', pseudobulbStates).optional(),
      current: currentSetupSchema.optional(),
      routine: routineSchema.optional(),
      /** What water it is; its salts as measured, and what feed adds to it and how often. */
      waterKind: oneOf('waterKind', waterKinds).optional(),
      waterDsM: quantity('waterDsM').optional(),
      feed: feedSchema.optional(),
      yearsWanted: quantity('yearsWanted').optional(),
      /** How surely it is to stay inside the rim for those years. */
      certaintyPct: quantity('certaintyPct').optional(),
      /** The widest pot that has room where it stands. */
      shelfRoomCm: quantity('shelfRoomCm').optional(),
      /** Weeks away, when nobody waters. */
      holiday: holidaySchema.optional(),
      /** One month warmer than usual. */
      heatWave: heatWaveSchema.optional(),
      schools: schoolChoicesSchema.optional(),
      /** Media the grower measured: they join the candidates. */
      ownMedia: upTo('ownMedia', growersMediumSchema, MOST_OWN_MEDIA, 'media').optional(),
      /** Main media that did well or failed in the grower's hands in this place. */
      wentWell: upTo('wentWell', oneOf('wentWell', mediumFamilies), mediumFamilies.length, 'media').optional(),
      wentBadly: upTo('wentBadly', oneOf('wentBadly', mediumFamilies), mediumFamilies.length, 'media').optional(),
      /** What their own record says of media with such plants in this place: pottings that did well, and that did not. */
      handsRecord: upTo('handsRecord', handsRecordSchema, mediumFamilies.length, 'media').optional(),
      /** Media the grower has: others would have to be bought. */
      mediaAtHand: upTo('mediaAtHand', oneOf('mediaAtHand', mediumIds), mediumIds.length, 'media').optional(),
      /** What the grower does not want. */
      dislikes: upTo('dislikes', oneOf('dislikes', dislikable), dislikable.length, 'things').optional(),
      /** What the grower wants of the setup. */
      wants: upTo('wants', oneOf('wants', wantable), wantable.length, 'wants').optional(),
      /** Pots on the shelf; when given, no other pots are proposed. */
      ownPots: upTo('ownPots', growersPotSchema, MOST_OWN_POTS, 'pots').optional(),
      month: whole('month').optional(),
    })
    .refine(({ routine, place }) => routine?.kind !== 'rain' || rainsOn(place as string | Place), {
      path: ['routine'],
      error: faultCode({ code: 'no rain there' }),
    });

export type PlanCase = z.infer<ReturnType<typeof makePlanCaseSchema>>;
