/** The kinds of what is done to a plant, and what is answered of them. Shared with the screens: nothing here reads a case. */
import * as z from 'zod';
import { bulbChanges, feltWhenWatering, holdStates, needKinds, nursingKinds, pestKinds, tipStates } from '@core';

export const careKinds = [
  'watered',
  'felt',
  'fed',
  'flushed',
  'bloomed',
  'treated',
  'moved',
  'weighed',
  'noted',
  'put off',
  'left',
  'divided',
  'nursed',
] as const;
export type CareKind = (typeof careKinds)[number];

export const bloomStates = ['in bud', 'open', 'over'] as const;
export type BloomState = (typeof bloomStates)[number];

export const waysToLeave = ['died', 'sold', 'given away'] as const;
export type WayToLeave = (typeof waysToLeave)[number];

export const nursingOutcomes = ['done', 'skipped'] as const;

export const careEntrySchema = z.object({
  id: z.uuid(),
  kind: z.enum(careKinds),
  happenedOn: z.string(),
  /** Counts the corrections. */
  version: z.number(),
  batchId: z.uuid().nullable(),
  note: z.string().optional(),
  photoIds: z.array(z.uuid()).optional(),
  felt: z.enum(feltWhenWatering).optional(),
  state: z.enum(bloomStates).optional(),
  against: z.enum(pestKinds).optional(),
  weightG: z.number().optional(),
  need: z.enum(needKinds).optional(),
  until: z.string().optional(),
  how: z.enum(waysToLeave).optional(),
  /** Of nursing: what, after which potting, and whether it was done. */
  task: z.enum(nursingKinds).optional(),
  pottingId: z.uuid().optional(),
  outcome: z.enum(nursingOutcomes).optional(),
  /** And what was seen, where a potting was judged. */
  holds: z.enum(holdStates).optional(),
  tips: z.enum(tipStates).optional(),
  bulbs: z.enum(bulbChanges).optional(),
  spot: z.string().optional(),
  placeName: z.string().optional(),
  fromName: z.string().optional(),
  /** Of a division: the other plant, and whether it came of that one or went into it. */
  otherId: z.uuid().optional(),
  otherName: z.string().optional(),
  isPart: z.boolean().optional(),
});
export type CareEntry = z.infer<typeof careEntrySchema>;

/** What is answered when it was kept: the batch can be put away and brought back as one. */
export const careKeptSchema = z.object({ batchId: z.uuid(), plants: z.number() });
export type CareKept = z.infer<typeof careKeptSchema>;
