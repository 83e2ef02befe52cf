/** The shape of a place as it is read from a file, a form or a request. */
import { z } from 'zod';
import { airflowClasses } from '../physics/air';
import type { Place } from '../physics/places';
import { oneOf, quantity, wholeQuantity } from './quantities';

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
});

export const placeSchema = z.strictObject({
  id: z.string().max(80).default('own-place'),
  name: z.string().min(1, { error: 'name of the place must not be empty' }).max(80),
  note: z.string().max(400).default(''),
  setting: z.enum(['indoor', 'outdoor'], { error: 'setting must be indoor or outdoor' }),
  latitudeDeg: quantity('latitudeDeg'),
  longitudeDeg: quantity('longitudeDeg').default(0),
  altitudeM: quantity('altitudeM').default(0),
  airflow: oneOf('airflow', airflowClasses) as z.ZodType<Place['airflow']>,
  months: z.array(monthAirSchema).length(12, { error: 'months must hold exactly 12 entries, January to December' }),
});
