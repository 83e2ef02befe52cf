/** What the plants' addresses answer. Shared with the screens. */
import * as z from 'zod';
import {
  inspectionEntrySchema,
  lookEntrySchema,
  pottingEntrySchema,
  unreadableEntrySchema,
} from '../events/entry-schemas';

export const plantSummarySchema = z.object({
  id: z.uuid(),
  name: z.string(),
  genusId: z.string(),
  lastPotting: z.object({ pottedOn: z.string(), title: z.string() }).nullable(),
});

export const plantLogSchema = plantSummarySchema.extend({
  /** Counts the changes of the plant itself. */
  version: z.number(),
  lastCase: z.unknown(),
  /** Newest first. */
  pottings: z.array(pottingEntrySchema),
  inspections: z.array(inspectionEntrySchema),
  /** While it waited for a sign. */
  looks: z.array(lookEntrySchema),
  /** Entries that this program cannot read: kept, and shown as such. */
  unreadable: z.array(unreadableEntrySchema),
});
export type PlantLog = z.infer<typeof plantLogSchema>;

export const plantPageSchema = z.object({
  plants: z.array(plantSummarySchema),
  /** Where the next page begins; null on the last. */
  next: z.string().nullable(),
});
export type PlantPage = z.infer<typeof plantPageSchema>;
