/** What "Potted it" sends. */
import { z } from 'zod';
import { planCaseSchema, setupSpecSchema } from '@core';

export const pottingInputSchema = z.strictObject({
  /** An existing plant, or null for a new one. */
  plantId: z.uuid({ error: 'plantId must be the id of a plant, or null' }).nullable().default(null),
  plantName: z
    .string({ error: 'plantName must be between 1 and 120 characters' })
    .trim()
    .min(1, { error: 'plantName must be between 1 and 120 characters' })
    .max(120, { error: 'plantName must be between 1 and 120 characters' }),
  pottedOn: z.iso.date({ error: 'pottedOn must be a date such as 2026-04-18' }),
  note: z.string().max(2000, { error: 'note must be at most 2000 characters' }).default(''),
  planCase: planCaseSchema,
  spec: setupSpecSchema,
});

export type PottingInput = z.infer<typeof pottingInputSchema>;
