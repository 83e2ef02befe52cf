/** What is done after potting, plant by plant and day by day. Shared with the screens. */
import * as z from 'zod';
import { aftercareKinds } from '@core';

export const aftercareTaskSchema = z.object({
  /** Of the potting and the step: the same for good, so that a calendar knows it again. */
  id: z.string(),
  pottingId: z.uuid(),
  plantId: z.uuid(),
  plantName: z.string(),
  placeName: z.string().nullable(),
  kind: z.enum(aftercareKinds),
  dueOn: z.string(),
  untilOn: z.string(),
  ppm: z.tuple([z.number(), z.number()]).nullable(),
  state: z.enum(['open', 'done', 'skipped', 'past']),
  doneOn: z.string().nullable(),
});
export type PlantAftercare = z.infer<typeof aftercareTaskSchema>;

/** In the order of their days. */
export const aftercareListSchema = z.object({
  today: z.string(),
  tasks: z.array(aftercareTaskSchema),
  /** Of so many plants what is to come is being worked out yet. */
  reckoning: z.number(),
});
export type AftercareList = z.infer<typeof aftercareListSchema>;
