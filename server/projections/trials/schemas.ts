/** Trials with what their plants' lives say so far. Shared with the screens. */
import * as z from 'zod';
import { trialSchema } from '@core';

export const trialListSchema = z.object({
  trials: z.array(
    z.object({
      id: z.uuid(),
      version: z.number(),
      data: trialSchema,
      sides: z.array(
        z.object({
          name: z.string(),
          plants: z.array(z.object({ id: z.uuid(), name: z.string(), value: z.number().nullable() })),
        }),
      ),
    }),
  ),
});
export type TrialList = z.infer<typeof trialListSchema>;
export type TrialRow = TrialList['trials'][number];
