/** What stands on a plant's tag and in its papers. Shared with the screens. */
import * as z from 'zod';
import { faultCode, oneOf, textOf } from '@core';

export const plantFlags = ['watch', 'for exchange', 'keep apart'] as const;
export type PlantFlag = (typeof plantFlags)[number];

/** Nothing written is nothing said. */
const orNothing = (field: string, most: number) =>
  textOf(field, 0, most)
    .nullable()
    .default(null)
    .transform((text) => text || null);

export const plantFactsSchema = z.strictObject({
  name: textOf('name', 1, 120),
  tagNumber: orNothing('tagNumber', 40),
  parentage: orNothing('parentage', 200),
  source: orNothing('source', 200),
  acquiredOn: z.iso
    .date({ error: faultCode({ code: 'date', field: 'acquiredOn' }) })
    .nullable()
    .default(null),
  spot: orNothing('spot', 80),
  flag: oneOf('flag', plantFlags).nullable().default(null),
});
export type PlantFacts = z.infer<typeof plantFactsSchema>;

export const factsHistorySchema = z.object({
  /** Newest first. */
  before: z.array(z.object({ version: z.number(), replacedAt: z.string(), facts: plantFactsSchema })),
});
export type FactsHistory = z.infer<typeof factsHistorySchema>;
