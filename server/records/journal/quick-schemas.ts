/** What is done to plants, one or many at once, in a few touches: as it is sent, and as it is kept. */
import * as z from 'zod';
import {
  pseudobulbChanges,
  faultCode,
  feltWhenWatering,
  holdStates,
  needKinds,
  aftercareKinds,
  oneOf,
  pestKinds,
  placeOrIdSchema,
  textOf,
  tipStates,
  type Versions,
  dayIn,
  wholeQuantity,
} from '@core';
import {
  bloomStates,
  growthEvents,
  type QuickKind,
  aftercareOutcomes,
  waysToLeave,
  waysWatered,
} from './quick-entry-schemas';

const MOST_NOTE = 2000;
const MOST_PHOTOS = 12;
const GRAMS = { min: 1, max: 100_000 };

const day = dayIn;
const uuid = (field: string, of: string) => z.uuid({ error: faultCode({ code: 'id', field, of }) });
const gramsFault = faultCode({ code: 'number between', field: 'weightG', ...GRAMS });
const photosFault = faultCode({ code: 'at most', field: 'photoIds', most: MOST_PHOTOS, what: 'photographs' });

export const photoIdsSchema = z.array(uuid('photoIds', 'a photograph')).max(MOST_PHOTOS, { error: photosFault });

const noted = {
  note: textOf('note', 0, MOST_NOTE).optional(),
  photoIds: photoIdsSchema.optional(),
};

const place = placeOrIdSchema;
const spot = textOf('spot', 0, 80).optional();

/** What is said of each kind. */
export const detailSchemas = {
  watered: z.strictObject({
    felt: oneOf('felt', feltWhenWatering).optional(),
    way: oneOf('way', waysWatered).optional(),
    ...noted,
  }),
  /** A finger in it, and no water given. */
  felt: z.strictObject({ felt: oneOf('felt', feltWhenWatering), ...noted }),
  fed: z.strictObject(noted),
  flushed: z.strictObject(noted),
  bloomed: z.strictObject({ state: oneOf('state', bloomStates), ...noted }),
  treated: z.strictObject({ against: oneOf('against', pestKinds).optional(), ...noted }),
  moved: z.strictObject({ place, spot, ...noted }),
  weighed: z.strictObject({
    weightG: z
      .number({ error: gramsFault })
      .min(GRAMS.min, { error: gramsFault })
      .max(GRAMS.max, { error: gramsFault }),
    ...noted,
  }),
  noted: z.strictObject(noted),
  /** Not this year: need stays untold until the day. */
  'put off': z.strictObject({ need: oneOf('need', needKinds), until: day('until'), ...noted }),
  grew: z.strictObject({ what: oneOf('what', growthEvents), ...noted }),
  left: z.strictObject({ how: oneOf('how', waysToLeave), ...noted }),
  nursed: z.strictObject({
    pottingId: uuid('pottingId', 'a potting'),
    task: oneOf('task', aftercareKinds),
    outcome: oneOf('outcome', aftercareOutcomes),
    /** What was seen, where a potting is judged. */
    holds: oneOf('holds', holdStates).optional(),
    tips: oneOf('tips', tipStates).optional(),
    bulbs: oneOf('bulbs', pseudobulbChanges).optional(),
    ...noted,
  }),
} as const satisfies Record<Exclude<QuickKind, 'divided'>, z.ZodType>;

const placeBefore = z.object({ place, spot: z.string().nullable() });

/** As it is kept: a move knows where the plant stood before. */
export const keptSchemas = {
  ...detailSchemas,
  moved: detailSchemas.moved.extend({ from: placeBefore.optional() }),
  /** Written by making the division (plants/add.ts), into both lives. */
  divided: z.strictObject({
    otherId: z.uuid(),
    otherName: z.string(),
    isPart: z.boolean(),
    /** What went from a plant whose shoots were counted, and what was known of it that holds no more. */
    went: z.strictObject({ shoots: wholeQuantity('shootCount'), known: z.record(z.string(), z.unknown()) }).optional(),
    ...noted,
  }),
} as const satisfies Record<QuickKind, z.ZodType>;

export const quickVersions: Versions = { newest: 1, upgrades: {} };

export const MOST_PLANTS_AT_ONCE = 500;
const plantsFault = faultCode({ code: 'at most', field: 'plantIds', most: MOST_PLANTS_AT_ONCE, what: 'plants' });
const noPlantFault = faultCode({ code: 'at least one', field: 'plantIds', what: 'plant' });

const ofPlants = {
  plantIds: z
    .array(uuid('plantIds', 'a plant'), { error: noPlantFault })
    .min(1, { error: noPlantFault })
    .max(MOST_PLANTS_AT_ONCE, { error: plantsFault }),
  happenedOn: day('happenedOn'),
  /** The same key twice is kept once. */
  idempotencyKey: textOf('idempotencyKey', 8, 72).optional(),
};
const inputOf = <const K extends keyof typeof detailSchemas>(kind: K) =>
  z.strictObject({ ...ofPlants, kind: z.literal(kind), details: detailSchemas[kind] });

/** What is sent. */
export const quickInputSchema = z.discriminatedUnion(
  'kind',
  [
    inputOf('watered'),
    inputOf('felt'),
    inputOf('fed'),
    inputOf('flushed'),
    inputOf('bloomed'),
    inputOf('treated'),
    inputOf('moved'),
    inputOf('weighed'),
    inputOf('noted'),
    inputOf('put off'),
    inputOf('left'),
    inputOf('nursed'),
    inputOf('grew'),
  ],
  { error: faultCode({ code: 'one of', field: 'kind', names: Object.keys(detailSchemas) }) },
);
export type QuickInput = z.infer<typeof quickInputSchema>;
