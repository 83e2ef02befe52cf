/** A trial as it is kept: two or more setups for one kind of plant, followed with the same measure. */
import * as z from 'zod';
import { faultCode } from '../base';
import { dayIn, oneOf, quantity, textOf } from '../case';
import { trialMeasures } from './measures';

const MOST_SIDES = 4;
const MOST_PLANTS = 200;
const uuid = z.uuid({ error: faultCode({ code: 'id', field: 'plantIds', of: 'a plant' }) });

const sideSchema = z.strictObject({
  name: textOf('name of the side', 1, 60),
  plantIds: z.array(uuid).max(MOST_PLANTS, {
    error: faultCode({ code: 'at most', field: 'plantIds', most: MOST_PLANTS, what: 'plants' }),
  }),
});

export const trialSchema = z
  .strictObject({
    name: textOf('name', 1, 80),
    measure: oneOf('measure', trialMeasures),
    /** A difference worth having, in the unit of the measure. */
    matters: quantity('trialFigure'),
    /** By which one plant differs from another on the same side. */
    spread: quantity('trialFigure'),
    begunOn: dayIn('begunOn'),
    sides: z
      .array(sideSchema)
      .min(2, { error: faultCode({ code: 'at least one', field: 'sides', what: 'side, and another' }) })
      .max(MOST_SIDES, { error: faultCode({ code: 'at most', field: 'sides', most: MOST_SIDES, what: 'sides' }) }),
    note: textOf('note', 0, 2000).default(''),
  })
  .superRefine(({ sides }, check) => {
    const seen = new Set<string>();
    sides.forEach(({ plantIds }, n) => {
      for (const id of plantIds) {
        const message = faultCode({ code: 'twice', field: 'a plant' });
        if (seen.has(id)) check.addIssue({ code: 'custom', path: ['sides', n, 'plantIds'], message });
        seen.add(id);
      }
    });
  });
export type Trial = z.infer<typeof trialSchema>;
