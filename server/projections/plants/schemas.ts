/** What the plants' addresses answer. Shared with the screens. */
import * as z from 'zod';
import {
  inspectionEntrySchema,
  signCheckEntrySchema,
  planEntrySchema,
  pottingEntrySchema,
  unreadableEntrySchema,
} from '../../records/journal/entry-schemas';
import { quickEntrySchema, waysToLeave } from '../../records/journal/quick-entry-schemas';
import { needSchema, plannedSchema } from '../due/schemas';
import { aftercareTaskSchema } from '../aftercare/schemas';
import { plantFlags } from '../../records/plants/facts-schemas';

/** What a list of plants can be ordered by. */
export const plantSorts = ['name', 'tag', 'potted', 'watered', 'looked', 'acquired'] as const;
export type PlantSort = (typeof plantSorts)[number];

export const plantSummarySchema = z.object({
  id: z.uuid(),
  name: z.string(),
  genusId: z.string(),
  tagNumber: z.string().nullable(),
  parentage: z.string().nullable(),
  placeName: z.string().nullable(),
  spot: z.string().nullable(),
  flag: z.enum(plantFlags).nullable(),
  lastPotting: z.object({ pottedOn: z.string(), title: z.string() }).nullable(),
  /** What is meant for it, while that is not done. */
  planned: plannedSchema.nullable(),
  mediumName: z.string().nullable(),
  /** Days as YYYY-MM-DD; null where nothing is on record. */
  inMediumSince: z.string().nullable(),
  wateredOn: z.string().nullable(),
  lookedOverOn: z.string().nullable(),
  photoId: z.uuid().nullable(),
  left: z.object({ on: z.string(), how: z.enum(waysToLeave) }).nullable(),
});
export type PlantSummary = z.infer<typeof plantSummarySchema>;

export const plantLogSchema = plantSummarySchema.extend({
  source: z.string().nullable(),
  acquiredOn: z.string().nullable(),
  /** What it needs today and later, the most urgent first. */
  needs: z.array(needSchema),
  /** What is to come of it has been worked out as it stands now. */
  isReckoned: z.boolean(),
  /** Days to the next watering from the last; null where that is not reckoned. */
  nextWatering: z.object({ on: z.string(), days: z.number(), factor: z.number(), isRefill: z.boolean() }).nullable(),
  /** Days from a watering to the next by month, as reckoned; null where nothing is. */
  waterDays: z.array(z.number()).nullable(),
  /** What is done after it was potted, in the order of the days. */
  nursing: z.array(aftercareTaskSchema),
  /** Counts the changes of the plant itself. */
  version: z.number(),
  lastCase: z.unknown(),
  /** Newest first. */
  plans: z.array(planEntrySchema),
  pottings: z.array(pottingEntrySchema),
  inspections: z.array(inspectionEntrySchema),
  /** While it waited for a sign. */
  looks: z.array(signCheckEntrySchema),
  /** The newest of what was done in a few touches. */
  care: z.array(quickEntrySchema),
  /** Entries that this program cannot read: kept, and shown as such. */
  unreadable: z.array(unreadableEntrySchema),
  /** Of a division: the plant it was part of, and that one's life up to then. */
  partOf: z
    .object({
      plantId: z.uuid(),
      name: z.string(),
      until: z.string(),
      plans: z.array(planEntrySchema),
      pottings: z.array(pottingEntrySchema),
      inspections: z.array(inspectionEntrySchema),
      looks: z.array(signCheckEntrySchema),
      care: z.array(quickEntrySchema),
      unreadable: z.array(unreadableEntrySchema),
    })
    .nullable(),
});
export type PlantLog = z.infer<typeof plantLogSchema>;

export const plantPageSchema = z.object({
  plants: z.array(plantSummarySchema),
  /** Where the next page begins; null on the last. */
  next: z.string().nullable(),
  /** Of all pages together. */
  total: z.number(),
});
export type PlantPage = z.infer<typeof plantPageSchema>;

const facetSchema = z.array(z.object({ id: z.string(), name: z.string().nullable(), plants: z.number() }));

/** What plants can be filtered by, and how many each has; of those that are still here. */
export const facetsSchema = z.object({
  places: facetSchema,
  genera: facetSchema,
  media: facetSchema,
  flags: facetSchema,
  left: z.number(),
});
export type Facets = z.infer<typeof facetsSchema>;
