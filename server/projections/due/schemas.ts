/** What plants need, and when. Shared with the screens. */
import * as z from 'zod';
import { needKinds, sureness, timingSigns } from '@core';

export const needSchema = z.object({
  kind: z.enum(needKinds),
  dueOn: z.string(),
  spreadDays: z.number(),
  urgency: z.number(),
  sureness: z.enum(sureness),
  notBefore: z.string().nullable(),
  waitsFor: z.enum(timingSigns).nullable(),
});

/** A setup that is meant for a plant and not yet done. Days as YYYY-MM-DD. */
export const plannedSchema = z.object({
  /** The entry in the plant's life. */
  id: z.uuid(),
  on: z.string(),
  forOn: z.string().nullable(),
  title: z.string(),
});
export type Planned = z.infer<typeof plannedSchema>;

const duePlant = {
  plantId: z.uuid(),
  name: z.string(),
  genusId: z.string(),
  tagNumber: z.string().nullable(),
  placeName: z.string().nullable(),
  spot: z.string().nullable(),
  planned: plannedSchema.nullable(),
};

export const plannedPlantSchema = z.object({ ...duePlant, planned: plannedSchema });
export type PlannedPlant = z.infer<typeof plannedPlantSchema>;

export const duePlantSchema = z.object({
  ...duePlant,
  /** Of the plant as a whole, 0 to 1. */
  urgency: z.number(),
  /** The one that puts it where it is. */
  need: needSchema,
  /** What else it needs, by name. */
  others: z.array(z.enum(needKinds)),
});
export type DuePlant = z.infer<typeof duePlantSchema>;

export const plantToWaterSchema = z.object({
  ...duePlant,
  wateredOn: z.string(),
  /** The day on which it wants water, and how many days after the last time. */
  waterOn: z.string(),
  days: z.number(),
  /** It stands over water: its reservoir is refilled. */
  isRefill: z.boolean(),
});
export type PlantToWater = z.infer<typeof plantToWaterSchema>;

/** What comes in a week or a month that begins on a day, by place. */
export const spanAheadSchema = z.object({
  from: z.string(),
  places: z.array(z.object({ placeName: z.string(), repot: z.number(), flush: z.number(), look: z.number() })),
});
export type SpanAhead = z.infer<typeof spanAheadSchema>;

export const dueListSchema = z.object({
  today: z.string(),
  plants: z.array(duePlantSchema),
  /** How many there are in all. */
  total: z.number(),
  water: z.array(plantToWaterSchema),
  /** Those with a plan, the soonest first; those without a day last. */
  planned: z.array(plannedPlantSchema),
  /** The twelve months from this one on. */
  ahead: z.array(spanAheadSchema),
  /** The five weeks from this day on. */
  weeks: z.array(spanAheadSchema),
  /** Of so many plants what is to come is being worked out yet. */
  reckoning: z.number(),
});
export type DueList = z.infer<typeof dueListSchema>;

/** What a plant can need by now. */
export const dueSorts = ['any', 'repot', 'flush', 'look', 'water'] as const;
export type DueSort = (typeof dueSorts)[number];
