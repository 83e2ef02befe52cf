/** The shape of a place as it is read from a file, a form or a request. */
import * as z from 'zod';
import { faultCode } from '../base';
import { airflowClasses } from '../physics/air';
import type { Place } from '../physics/places';
import { placeIds } from './place-by-id';
import { oneOf, quantity, wholeQuantity } from './quantities';
import { roomDescriptionSchema } from './room-schema';

const settingSchema = oneOf('setting', ['indoor', 'outdoor']);
const airflowSchema = oneOf('airflow', airflowClasses) as z.ZodType<Place['airflow']>;

const halfDaySchema = z.strictObject({
  temperatureC: quantity('temperatureC'),
  relativeHumidityPct: quantity('relativeHumidityPct'),
});

export const monthAirSchema = z.strictObject({
  day: halfDaySchema,
  night: halfDaySchema,
  lightHours: quantity('lightHours'),
  lightWattsPerM2: quantity('lightWattsPerM2'),
  rainMm: quantity('rainMmPerMonth').default(0),
  rainDays: wholeQuantity('rainDays').default(0),
  /** Where the plant stands elsewhere for most of this month. */
  elsewhere: z.strictObject({ setting: settingSchema, airflow: airflowSchema }).optional(),
});

const placeNameSchema = z.strictObject({ id: z.string().max(80), name: z.string().max(120) });
const yearDaySchema = z.strictObject({ month: wholeQuantity('month'), day: wholeQuantity('dayOfMonth') });

export const timeAwaySchema = z.strictObject({
  home: placeNameSchema,
  away: placeNameSchema,
  from: yearDaySchema,
  to: yearDaySchema,
});

export const placeSchema = z.strictObject({
  id: z.string().max(80).default('own-place'),
  name: z
    .string()
    .min(1, { error: faultCode({ code: 'not empty', field: 'name of the place' }) })
    .max(80),
  note: z.string().max(400).default(''),
  setting: settingSchema,
  latitudeDeg: quantity('latitudeDeg'),
  longitudeDeg: quantity('longitudeDeg').default(0),
  altitudeM: quantity('altitudeM').default(0),
  airflow: airflowSchema,
  months: z.array(monthAirSchema).length(12, { error: faultCode({ code: 'twelve months' }) }),
  /** What was said of it, where its months were worked out from that. */
  describedAs: roomDescriptionSchema.optional(),
  /** Of a plant that goes elsewhere for part of the year. */
  timeAway: timeAwaySchema.optional(),
});

/** A place of the catalogue by its id, or a whole one. */
export const placeOrIdSchema = z.union([oneOf('place', placeIds), placeSchema], {
  error: faultCode({ code: 'name or whole', field: 'place', names: placeIds, whole: 'place' }),
});
