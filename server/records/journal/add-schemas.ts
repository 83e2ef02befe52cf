/** A plant that is put on record without being potted at the bench: new, another like one there is, or a division of it. */
import * as z from 'zod';
import { faultCode, textOf, dayIn, wholeQuantity } from '@core';
import { planCaseSchema } from '../plants/case-schemas';
import { photoIdsSchema } from './quick-schemas';
import { plantFactsSchema } from '../plants/facts-schemas';

export const addInputSchema = z
  .strictObject({
    facts: plantFactsSchema,
    /** What is known of it; left out where it is like, or of, another. */
    planCase: planCaseSchema.optional(),
    like: z
      .strictObject({
        plantId: z.uuid({ error: faultCode({ code: 'id', field: 'like.plantId', of: 'a plant' }) }),
        /** It was part of that plant until this day. */
        isDivision: z.boolean({ error: faultCode({ code: 'yes or no', field: 'like.isDivision' }) }),
        /** Shoots that went with a division. */
        shootCount: wholeQuantity('shootCount').optional(),
        /** A division just cut, that stands in no pot yet. */
        hasNoPot: z.boolean({ error: faultCode({ code: 'yes or no', field: 'like.hasNoPot' }) }).optional(),
      })
      .optional(),
    happenedOn: dayIn('happenedOn'),
    /** It goes to somebody else at once, and stays to be found. */
    isGivenAway: z.boolean({ error: faultCode({ code: 'yes or no', field: 'isGivenAway' }) }).default(false),
    note: textOf('note', 0, 2000).default(''),
    photoIds: photoIdsSchema.optional(),
    /** The same key twice is one plant. */
    idempotencyKey: textOf('idempotencyKey', 8, 72).optional(),
  })
  .refine(({ planCase, like }) => (planCase === undefined) !== (like === undefined), {
    error: faultCode({ code: 'at least one', field: 'planCase', what: 'of planCase and like, and not both' }),
    path: ['planCase'],
  });
export type AddInput = z.infer<typeof addInputSchema>;
