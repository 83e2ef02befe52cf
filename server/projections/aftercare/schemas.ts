/** What is done after potting, plant by plant and day by day. Shared with the screens. */
import * as z from 'zod';
import { nursingKinds } from '@core';

export const nursingTaskSchema = z.object({
  /** Of the potting and the step: the same for good, so that a calendar knows it again. */
  id: z.string(),
  pottingId: z.uuid(),
  plantId: z.uuid(),
  plantName: z.string(),
  placeName: z.string().nullable(),
  kind: z.enum(nursingKinds),
  dueOn: z.string(),
  untilOn: z.string(),
  ppm: z.tuple([z.number(), z.number()]).nullable(),
  state: z.enum(['open', 'done', 'skipped', 'past']),
  doneOn: z.string().nullable(),
});
export type PlantNursing = z.infer<typeof nursingTaskSchema>;

/** In the order of their days. */
export const nursingListSchema = z.object({
  today: z.string(),
  tasks: z.array(nursingTaskSchema),
  /** Of so many plants what is to come is being worked out yet. */
  reckoning: z.number(),
});
export type NursingList = z.infer<typeof nursingListSchema>;
