/** What changed lately, and what a grower's own record says. Shared with the screens. */
import * as z from 'zod';
import { holdStates } from '@core';
import { eventKinds } from '../../records/journal/schemas';

const day = z.string();

export const insightsSchema = z.object({
  today: day,
  lately: z.object({
    since: day,
    /** What was done, of how many plants, the most first. */
    counts: z.array(z.object({ kind: z.enum(eventKinds), plants: z.number() })),
    /** The newest of the great things. */
    newest: z.array(
      z.object({ plantId: z.uuid(), plantName: z.string(), kind: z.enum(eventKinds), on: day, title: z.string() }),
    ),
  }),
  /** Places in which plants stand, by their key, the fullest first. */
  stands: z.array(z.object({ placeKey: z.string(), placeName: z.string(), plants: z.number() })),
  media: z.array(
    z.object({
      mediumId: z.string(),
      beds: z.number(),
      wentBad: z.number(),
      usualYears: z.number().nullable(),
      longestSoundYears: z.number(),
    }),
  ),
  /** Of pottings that were judged, how many held: by main medium and place, the most judged first. */
  took: z.array(z.object({ mediumId: z.string(), placeName: z.string(), judged: z.number(), held: z.number() })),
  places: z.array(
    z.object({
      placeName: z.string(),
      plants: z.number(),
      plantYears: z.number(),
      died: z.number(),
      perTenYears: z.number(),
      verdict: z.enum(['too few to tell', 'many', 'few', 'as elsewhere']),
    }),
  ),
});
export type Insights = z.infer<typeof insightsSchema>;

export const pottingsLivedSchema = z.array(
  z.object({
    genusId: z.string(),
    mediumId: z.string(),
    days: z.number(),
    holds: z.enum(holdStates).nullable(),
    wentBad: z.boolean(),
    died: z.boolean(),
  }),
);
