/** The kinds of what is done to a plant, and what is answered of them. Shared with the screens: nothing here reads a case. */
import * as z from 'zod';
import {
  pseudobulbChanges,
  feltWhenWatering,
  holdStates,
  needKinds,
  aftercareKinds,
  pestKinds,
  tipStates,
} from '@core';

export const quickKinds = [
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
  'grew',
] as const;
export type QuickKind = (typeof quickKinds)[number];

export const bloomStates = ['in bud', 'open', 'over'] as const;
export type BloomState = (typeof bloomStates)[number];

/** How water came to it, where it was not the can. */
export const waysWatered = ['soaked', 'dripper', 'hose', 'rain', 'refilled'] as const;
export type WayWatered = (typeof waysWatered)[number];

/** What a plant made or lost between two pottings. */
export const growthEvents = [
  'new growth',
  'new roots',
  'flower spike',
  'keiki',
  'offset taken',
  'growth lost',
  'spike dried',
  'leaf lost',
] as const;
export type GrowthEvent = (typeof growthEvents)[number];

export const waysToLeave = ['died', 'sold', 'given away'] as const;
export type WayToLeave = (typeof waysToLeave)[number];

export const aftercareOutcomes = ['done', 'skipped'] as const;

export const quickEntrySchema = z.object({
  id: z.uuid(),
  kind: z.enum(quickKinds),
  happenedOn: z.string(),
  /** Counts the corrections. */
  version: z.number(),
  batchId: z.uuid().nullable(),
  note: z.string().optional(),
  photoIds: z.array(z.uuid()).optional(),
  felt: z.enum(feltWhenWatering).optional(),
  /** Of a watering; the can where nothing is said. */
  way: z.enum(waysWatered).optional(),
  what: z.enum(growthEvents).optional(),
  state: z.enum(bloomStates).optional(),
  against: z.enum(pestKinds).optional(),
  weightG: z.number().optional(),
  need: z.enum(needKinds).optional(),
  until: z.string().optional(),
  how: z.enum(waysToLeave).optional(),
  /** Of nursing: what, after which potting, and whether it was done. */
  task: z.enum(aftercareKinds).optional(),
  pottingId: z.uuid().optional(),
  outcome: z.enum(aftercareOutcomes).optional(),
  /** And what was seen, where a potting was judged. */
  holds: z.enum(holdStates).optional(),
  tips: z.enum(tipStates).optional(),
  bulbs: z.enum(pseudobulbChanges).optional(),
  spot: z.string().optional(),
  placeName: z.string().optional(),
  fromName: z.string().optional(),
  /** Of a division: the other plant, and whether it came of that one or went into it. */
  otherId: z.uuid().optional(),
  otherName: z.string().optional(),
  isPart: z.boolean().optional(),
});
export type QuickEntry = z.infer<typeof quickEntrySchema>;

/** What is answered when it was kept: the batch can be put away and brought back as one. */
export const batchKeptSchema = z.object({ batchId: z.uuid(), plants: z.number() });
export type BatchKept = z.infer<typeof batchKeptSchema>;
