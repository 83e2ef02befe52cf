/** Potting days as they are sent, kept and answered. Shared with the screens. */
import * as z from 'zod';
import {
  type DayEntry,
  type DayEntryKind,
  dayEntryKinds,
  dayEntrySchemas,
  type DayKept,
  dayKeptSchema,
  faultCode,
  oneOf,
  textOf,
  type Versions,
  momentIn,
} from '@core';
import { pottingRightSchema } from '../journal/schemas';

export const savedDaySchema = dayKeptSchema();
export const dayVersions: Versions = { newest: 1, upgrades: {} };

export const entrySchemas = dayEntrySchemas();

/** What is written down in one touch. A potting brings what it was, and is kept with it. */
export const dayEntryInputSchema = z
  .strictObject({
    kind: oneOf('kind', dayEntryKinds),
    at: momentIn('at'),
    idempotencyKey: textOf('idempotencyKey', 8, 72),
    data: z.record(z.string(), z.unknown()).default({}),
    potting: pottingRightSchema.optional(),
  })
  .superRefine(({ kind, potting }, check) => {
    if ((kind === 'potted') !== (potting !== undefined)) {
      const message = faultCode({ code: 'given together', fields: ['potting', 'kind “potted”'] });
      check.addIssue({ code: 'custom', path: ['potting'], message });
    }
  });
export type DayEntryInput = z.infer<typeof dayEntryInputSchema>;

export interface Day {
  readonly id: string;
  /** Counts the changes of what was prepared; sent back with one. */
  readonly version: number;
  /** null where this program cannot read it. */
  readonly day: DayKept | null;
  readonly entries: readonly DayEntry[];
}

/** What is read back is trusted to have the shape in which this program wrote it; what has not is left out and counted. */
export const dayAnswerSchema = z.object({
  id: z.uuid(),
  version: z.number(),
  day: z.unknown(),
  entries: z.array(z.object({ kind: z.string(), at: z.string(), data: z.unknown() })),
});

export const dayListSchema = z.object({
  days: z.array(
    z.object({
      id: z.uuid(),
      on: z.string(),
      plants: z.number(),
      potted: z.number(),
      isBegun: z.boolean(),
      isStopped: z.boolean(),
    }),
  ),
});
export type DayList = z.infer<typeof dayListSchema>;

const isEntryKind = (kind: string): kind is DayEntryKind => (dayEntryKinds as readonly string[]).includes(kind);

/** An entry as the core reads it; null where this program cannot. */
export function readDayEntry(row: {
  readonly kind: string;
  readonly at: string;
  readonly data: unknown;
}): DayEntry | null {
  if (!isEntryKind(row.kind)) return null;
  const parsed = entrySchemas[row.kind].safeParse(row.data);
  return parsed.success ? ({ kind: row.kind, at: row.at, data: parsed.data } as DayEntry) : null;
}
