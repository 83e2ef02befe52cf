/** What a grower says of a room, as it is read from a form, a request or the command line. */
import * as z from 'zod';
import {
  aspects,
  heatings,
  type HomeTown,
  lampStrengths,
  type RoomDescription,
  roomKinds,
  shades,
  usualRoom,
} from '../physics/places';
import { oneOf, quantity, wholeQuantity } from './quantities';

export const homeTownSchema = z.strictObject({
  name: z.string().max(120).default(''),
  latitudeDeg: quantity('latitudeDeg'),
  longitudeDeg: quantity('longitudeDeg').nullable().default(null),
  altitudeM: quantity('altitudeM').nullable().default(null),
});

const readingSchema = z.strictObject({
  month: wholeQuantity('month'),
  relativeHumidityPct: quantity('relativeHumidityPct'),
});

const answers = {
  aspect: oneOf('aspect', aspects),
  shade: oneOf('shade', shades),
  hasCurtain: z.boolean(),
  heating: oneOf('heating', heatings),
  isCooled: z.boolean(),
  hasMovingAir: z.boolean(),
  hasManyPlants: z.boolean(),
  hasHumidifier: z.boolean(),
  lampHours: quantity('lightHours'),
  lampStrength: oneOf('strength of the lamps', lampStrengths),
  readings: z.array(readingSchema).max(12),
  lowestC: quantity('temperatureC').nullable(),
  highestC: quantity('temperatureC').nullable(),
} as const;

const kind = oneOf('kind of place', roomKinds);

/** Whole: as it is kept with its place. */
export const roomDescriptionSchema = z.strictObject({
  town: homeTownSchema,
  kind,
  ...answers,
}) as unknown as z.ZodType<RoomDescription>;

/** What was said; the rest is as usual for its kind. */
export const roomAnswersSchema = z.strictObject({ kind, ...z.strictObject(answers).partial().shape });

/** The whole description from what was said. */
export function describedRoom(town: HomeTown, said: z.infer<typeof roomAnswersSchema>): RoomDescription {
  const given = Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined));
  return { ...usualRoom(town, said.kind as RoomDescription['kind']), ...given };
}
