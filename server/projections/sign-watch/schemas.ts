/** Plants that wait for a sign. Shared with the screens. */
import * as z from 'zod';
import { timingSigns, waitingRisks } from '@core';

export const waitingPlantSchema = z.object({
  plantId: z.uuid(),
  name: z.string(),
  genusId: z.string(),
  lastCase: z.unknown(),
  caseVersion: z.number(),
  sign: z.enum(timingSigns),
  risk: z.enum(waitingRisks),
  /** YYYY-MM-DD; it waits since the first of these looks. */
  since: z.string(),
  lookOn: z.string(),
  /** "Not yet", so many times. */
  looks: z.number(),
});
export type WaitingPlant = z.infer<typeof waitingPlantSchema>;

export const waitingListSchema = z.object({ plants: z.array(waitingPlantSchema) });
export type WaitingList = z.infer<typeof waitingListSchema>;
