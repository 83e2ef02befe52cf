/** Plants that wait for a sign. Shared with the screens. */
import * as z from 'zod';
import { timingSigns, watchRisks } from '@core';

export const watchedPlantSchema = z.object({
  plantId: z.uuid(),
  name: z.string(),
  genusId: z.string(),
  lastCase: z.unknown(),
  caseVersion: z.number(),
  sign: z.enum(timingSigns),
  risk: z.enum(watchRisks),
  /** YYYY-MM-DD; it waits since the first of these looks. */
  since: z.string(),
  lookOn: z.string(),
  /** "Not yet", so many times. */
  looks: z.number(),
});
export type WatchedPlant = z.infer<typeof watchedPlantSchema>;

export const signWatchSchema = z.object({ plants: z.array(watchedPlantSchema) });
export type SignWatch = z.infer<typeof signWatchSchema>;
