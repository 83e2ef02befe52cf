/** Entries of a plant's life as they are answered. Nothing here reads a case: pages that only show a life need no more. */
import * as z from 'zod';
import { inspectionSchema, timingSigns, watchRisks, dayIn } from '@core';

export const recipeLineSchema = z.object({
  layer: z.enum(['crocking', 'main', 'top dressing']),
  mediumId: z.string(),
  name: z.string(),
  smallMm: z.number(),
  largeMm: z.number(),
  parts: z.number(),
  takeL: z.number(),
});

/** What a look at a waiting plant finds. "waiting": it begins to wait. */
export const signAnswers = ['waiting', 'not yet', 'seen', 'gone worse'] as const;
export type SignAnswer = (typeof signAnswers)[number];

export const signCheckSchema = z.object({
  sign: z.enum(timingSigns),
  risk: z.enum(watchRisks),
  answer: z.enum(signAnswers),
  /** The next day to look; null where the waiting is over. */
  lookOn: dayIn('lookOn').nullable(),
});
export type SignCheck = z.infer<typeof signCheckSchema>;

export const pottingEntrySchema = z.object({
  id: z.uuid(),
  /** Counts the corrections. */
  version: z.number(),
  pottedOn: z.string(),
  title: z.string(),
  note: z.string(),
  planCase: z.unknown(),
  spec: z.unknown(),
  recipe: z.array(recipeLineSchema),
});
export type PottingEntry = z.infer<typeof pottingEntrySchema>;

export const planEntrySchema = z.object({
  id: z.uuid(),
  version: z.number(),
  plannedOn: z.string(),
  /** The day it is meant for; null where none is set. */
  forOn: z.string().nullable(),
  title: z.string(),
  note: z.string(),
  planCase: z.unknown(),
  spec: z.unknown(),
});
export type PlanEntry = z.infer<typeof planEntrySchema>;

export const inspectionEntrySchema = z.object({
  id: z.uuid(),
  version: z.number(),
  inspectedOn: z.string(),
  inspection: inspectionSchema,
});
export type InspectionEntry = z.infer<typeof inspectionEntrySchema>;

export const signCheckEntrySchema = signCheckSchema.extend({ id: z.uuid(), version: z.number(), lookedOn: z.string() });
export type SignCheckEntry = z.infer<typeof signCheckEntrySchema>;

export const unreadableEntrySchema = z.object({
  id: z.uuid(),
  kind: z.string(),
  happenedOn: z.string(),
  title: z.string(),
  /** As it is kept. */
  data: z.unknown(),
});
export type UnreadableEntry = z.infer<typeof unreadableEntrySchema>;
