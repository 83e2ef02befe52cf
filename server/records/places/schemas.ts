/** What the places' addresses take and answer. Shared with the screens. */
import * as z from 'zod';
import { type Place, placeSchema, type Versions } from '@core';

export const placeVersions: Versions = { newest: 1, upgrades: {} };

/** A whole place, as the core takes it. */
export const wholePlaceSchema = placeSchema as unknown as z.ZodType<Place>;

export const placePageSchema = z.object({
  places: z.array(wholePlaceSchema),
  /** How often each was changed, by its id: sent back with a change. */
  versions: z.record(z.string(), z.number()),
  /** Kept places that this program cannot read. */
  unreadable: z.array(z.object({ id: z.uuid(), name: z.string() })),
  next: z.string().nullable(),
});
export type PlacePage = z.infer<typeof placePageSchema>;
