/** Potting days, asked for and written down. Apart from the one client, since the first screen does without them. */
import * as z from 'zod';
import type { DayKept } from '@core';
import {
  type Day,
  dayAnswerSchema,
  type DayEntryInput,
  savedDaySchema,
  type DayList,
  dayListSchema,
  readDayEntry,
} from '@server/records/days/schemas';
import { ask, understood } from './ask';
import { outbox } from './outbox/outbox';

/** The server's answer as this page reads it; what it cannot read is left out. */
export function readDay(answer: unknown): Day {
  const { id, version, day, entries } = understood(dayAnswerSchema, answer);
  const kept = savedDaySchema.safeParse(day);
  return {
    id,
    version,
    day: kept.success ? kept.data : null,
    entries: entries.flatMap((row) => readDayEntry({ ...row, data: row.data }) ?? []),
  };
}

const savedSchema = z.object({ id: z.uuid(), version: z.number() });

export const dayCalls = {
  days: (): Promise<DayList> => ask(dayListSchema, '/api/days'),
  day: async (id: string): Promise<Day> => readDay(await ask(z.unknown(), `/api/days/${id}`)),
  /** version: as last seen; null for a day that is made. */
  saveDay: async (id: string, day: DayKept, version: number | null): Promise<{ version: number }> => {
    const letter = { title: `Potting day of ${day.on}`, method: 'PUT', path: `/api/days/${id}`, body: day } as const;
    const seen = version === null ? {} : { seenVersion: version };
    return understood(savedSchema, await outbox.deliver({ ...letter, ...seen }));
  },
  writeEntry: async (title: string, id: string, entry: DayEntryInput): Promise<Day> => {
    const letter = { title, method: 'POST', path: `/api/days/${id}/entries`, body: entry } as const;
    return readDay(await outbox.deliver(letter));
  },
};
