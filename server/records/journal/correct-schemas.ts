/** A correction of an entry, and what it said before. Shared with the screens. */
import * as z from 'zod';
import { textOf, dayIn } from '@core';

export const correctionSchema = z.strictObject({
  happenedOn: dayIn('happenedOn'),
  note: textOf('note', 0, 2000).default(''),
  /** What is said differently, beside day and note; null takes it back. */
  details: z.record(z.string().max(40), z.unknown()).optional(),
});
export type Correction = z.infer<typeof correctionSchema>;

export const eventHistorySchema = z.object({
  before: z.array(z.object({ version: z.number(), happenedOn: z.string(), replacedAt: z.string(), data: z.unknown() })),
});
export type EventHistory = z.infer<typeof eventHistorySchema>;
