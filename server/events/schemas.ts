/** The kinds of events, each with its shape and its versions; what is sent, and what is answered. */
import * as z from 'zod';
import {
  demoPlaces,
  faultCode,
  questionSchemas,
  questionVersions,
  setupSpecSchema,
  textOf,
  type Versions,
} from '@core';

const { plan: planCaseSchema } = questionSchemas(demoPlaces);

/** Later: inspected, watered, fed, moved, bloomed, photographed, divided. */
export const eventKinds = ['potted'] as const;
export type EventKind = (typeof eventKinds)[number];

const recipeLineSchema = z.object({
  layer: z.enum(['crocking', 'main', 'top dressing']),
  mediumId: z.string(),
  name: z.string(),
  smallMm: z.number(),
  largeMm: z.number(),
  parts: z.number(),
  takeL: z.number(),
});

/** Saved setups carry the short id they had. */
const savedSpecSchema = z.looseObject({ id: z.string() });

export const pottedSchema = z.object({
  planCase: planCaseSchema,
  spec: savedSpecSchema,
  recipe: z.array(recipeLineSchema),
  note: z.string(),
});
export type Potted = z.infer<typeof pottedSchema>;

export interface EventShape<T> {
  readonly schema: z.ZodType<T>;
  readonly versions: Versions;
}

export const eventShapes = {
  // Its case changes with the shape of what is asked.
  potted: { schema: pottedSchema, versions: questionVersions },
} as const satisfies Record<EventKind, EventShape<unknown>>;

/** What "Potted it" sends. */
export const pottingInputSchema = z.strictObject({
  /** An existing plant, or null for a new one. */
  plantId: z
    .uuid({ error: faultCode({ code: 'id', field: 'plantId', of: 'a plant, or null' }) })
    .nullable()
    .default(null),
  /** The plant's version as last seen; a plant changed since then is not overwritten. */
  plantVersion: z.int().min(1).optional(),
  /** The same key twice saves once: for a double tap, or a retry after a lost answer. */
  idempotencyKey: textOf('idempotencyKey', 8, 80).optional(),
  plantName: textOf('plantName', 1, 120),
  pottedOn: z.iso.date({ error: faultCode({ code: 'date', field: 'pottedOn' }) }),
  note: textOf('note', 0, 2000).default(''),
  planCase: planCaseSchema,
  spec: setupSpecSchema,
});
export type PottingInput = z.infer<typeof pottingInputSchema>;

export const pottingEntrySchema = z.object({
  id: z.uuid(),
  pottedOn: z.string(),
  title: z.string(),
  note: z.string(),
  planCase: z.unknown(),
  spec: z.unknown(),
  recipe: z.array(recipeLineSchema),
});
export type PottingEntry = z.infer<typeof pottingEntrySchema>;

export const unreadableEntrySchema = z.object({
  id: z.uuid(),
  kind: z.string(),
  happenedOn: z.string(),
  title: z.string(),
  /** As it is kept. */
  data: z.unknown(),
});
export type UnreadableEntry = z.infer<typeof unreadableEntrySchema>;
