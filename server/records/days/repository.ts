/** Potting days: prepared, changed while nobody else did, and written down as they run. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import { type DayEntry, type DayKept, type LeftReason, type RunPlant, runOf, type SetupSpec, upgraded } from '@core';
import { GrowersCollection } from '../collections/entity';
import { recordDayPlan, recordDayPotting } from '../journal/of-a-day';
import type { Recorded } from '../journal/append';
import { LibraryItem } from '../library/entity';
import { writeOnce } from '../../runtime/database/write-once';
import type { Scope } from '../collections/scope';
import { recordStock } from '../stock/repository';
import { DayEntryRow, PottingDay, type PottingDayRow } from './entity';
import {
  type Day,
  type DayEntryInput,
  savedDaySchema,
  type DayList,
  dayVersions,
  entrySchemas,
  readDayEntry,
} from './schemas';

const MOST_DAYS = 2000;
const MOST_ENTRIES = 20_000;

export function keptOf(row: PottingDayRow): DayKept | null {
  const current = upgraded(row.data, row.dataVersion, dayVersions);
  if (current.status !== 'ok') return null;
  const parsed = savedDaySchema.safeParse(current.value);
  return parsed.success ? parsed.data : null;
}

export async function entriesOf(
  em: EntityManager,
  scope: Scope,
  dayIds: readonly string[],
): Promise<Map<string, DayEntry[]>> {
  const rows: readonly { day_id: string; kind: string; at: Date; data: unknown }[] = await em.execute(
    `select day_id, kind, at, data from day_entry where collection_id = ? and day_id = any(?::uuid[])
      order by seq limit ${MOST_ENTRIES}`,
    [scope.collectionId, `{${dayIds.join(',')}}`],
  );
  const found = new Map<string, DayEntry[]>();
  for (const { day_id: dayId, kind, at, data } of rows) {
    const entry = readDayEntry({ kind, at: new Date(at).toISOString(), data });
    if (entry) found.set(dayId, [...(found.get(dayId) ?? []), entry]);
  }
  return found;
}

export const isHere = (scope: Scope) => ({ collection: scope.collectionId, deletedAt: null });

export async function listDays(em: EntityManager, scope: Scope): Promise<DayList> {
  const rows = await em.find(PottingDay, isHere(scope), { orderBy: { onDay: 'desc', id: 'asc' }, limit: MOST_DAYS });
  const entries = await entriesOf(
    em,
    scope,
    rows.map(({ id }) => id),
  );
  return {
    days: rows.map((row) => {
      const kept = keptOf(row);
      const run = kept && runOf(kept, entries.get(row.id) ?? []);
      return {
        id: row.id,
        on: row.onDay,
        plants: kept?.plants.length ?? 0,
        potted: run?.plants.filter(({ status }) => status === 'potted').length ?? 0,
        isBegun: run !== null && run.begunAtMs !== null,
        isStopped: run?.isStopped ?? false,
      };
    }),
  };
}

/** null where there is no such day. */
export async function dayOf(em: EntityManager, scope: Scope, dayId: string): Promise<Day | null> {
  const row = await em.findOne(PottingDay, { id: dayId, ...isHere(scope) });
  if (!row) return null;
  const entries = (await entriesOf(em, scope, [dayId])).get(dayId) ?? [];
  return { id: dayId, version: row.version, day: keptOf(row), entries };
}

export type DaySaved =
  | { readonly status: 'made' | 'changed'; readonly version: number }
  | { readonly status: 'changed meanwhile'; readonly current: DayKept | null; readonly version: number }
  | { readonly status: 'taken' };

/** seenVersion: as last seen; null for a day that is made. What is there already in the same words is kept once. */
export async function saveDay(
  em: EntityManager,
  scope: Scope,
  dayId: string,
  day: DayKept,
  seenVersion: number | null,
): Promise<DaySaved> {
  return inTransaction(em, async (inside): Promise<DaySaved> => {
    const row = await inside.findOne(PottingDay, { id: dayId }, { lockMode: LockMode.PESSIMISTIC_WRITE });
    if (row && (row.collection.id !== scope.collectionId || row.deletedAt !== null)) return { status: 'taken' };
    if (!row) {
      inside.create(PottingDay, {
        id: dayId,
        collection: inside.getReference(GrowersCollection, scope.collectionId),
        onDay: day.on,
        data: day,
        dataVersion: dayVersions.newest,
        version: 1,
        createdAt: new Date(),
        deletedAt: null,
      });
      await inside.flush();
      return { status: 'made', version: 1 };
    }
    // Told by JSON, as it is kept.
    if (isDeepStrictEqual(row.data, JSON.parse(JSON.stringify(day))))
      return { status: 'changed', version: row.version };
    if (seenVersion !== row.version) return { status: 'changed meanwhile', current: keptOf(row), version: row.version };
    row.onDay = day.on;
    row.data = day;
    row.dataVersion = dayVersions.newest;
    row.version += 1;
    await inside.flush();
    return { status: 'changed', version: row.version };
  });
}

/** false where there is none. */
export async function setDayHidden(
  em: EntityManager,
  scope: Scope,
  dayId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const found = await em.nativeUpdate(
    PottingDay,
    { id: dayId, collection: scope.collectionId },
    { deletedAt: hiddenAt },
  );
  return found > 0;
}

export type EntryKept =
  | { readonly status: 'kept' | 'known already' }
  | { readonly status: 'no such day' | 'no such plant' | 'no such stock' | 'not in the day' }
  | { readonly status: 'faulty'; readonly path: string };

const leftWords: Readonly<Record<LeftReason, string>> = {
  'no time': 'no time left',
  'no pot': 'no pot for it',
  'no medium': 'no medium for it',
  'not ready': 'it was not ready',
  'better as it is': 'better left as it is',
  other: 'put off',
};

/** What a list shows of a setup. */
export type TitleOf = (spec: SetupSpec) => string;

/** What goes on beside the entry, inside its transaction. */
async function alongside(
  em: EntityManager,
  scope: Scope,
  day: PottingDayRow,
  plant: RunPlant | null,
  input: DayEntryInput,
  titleOf: TitleOf,
): Promise<{ readonly data: object } | Exclude<Recorded['status'], 'recorded' | 'known already'>> {
  const { kind, potting, data, idempotencyKey } = input;
  if (kind === 'potted' && potting && plant) {
    const recorded = await recordDayPotting(em, scope, plant.asked.id, potting, titleOf(potting.spec), idempotencyKey);
    return 'eventId' in recorded ? { data: { plantId: plant.asked.id, eventId: recorded.eventId } } : recorded.status;
  }
  if (kind === 'left' && plant && plant.status !== 'potted') {
    const { reason, note = '' } = data as { reason: LeftReason; note?: string };
    const said = `Left on the potting day of ${day.onDay}: ${leftWords[reason]}.${note ? ` ${note}` : ''}`;
    const { id, setup: spec, case: planCase } = plant.asked;
    const plan = { planCase, note: said, plannedOn: day.onDay, idempotencyKey };
    if (spec) await recordDayPlan(em, scope, id, { ...plan, spec }, titleOf(spec));
  }
  if (kind === 'broken') {
    const { itemId } = data as { itemId: string };
    const item = await em.findOne(LibraryItem, {
      id: itemId,
      kind: 'stock',
      collection: scope.collectionId,
      deletedAt: null,
    });
    if (!item) return 'no such stock';
    const deed = { itemId, kind: 'taken', amount: 1, happenedOn: day.onDay, note: 'broken', idempotencyKey } as const;
    await recordStock(em, scope, deed);
  }
  return { data };
}

export async function keepEntry(
  em: EntityManager,
  scope: Scope,
  dayId: string,
  input: DayEntryInput,
  titleOf: TitleOf,
): Promise<EntryKept> {
  const { kind, at, idempotencyKey } = input;
  const known = { collection: scope.collectionId, idempotencyKey };
  // A potting is told with its event, which is made here.
  const checked = kind === 'potted' ? null : entrySchemas[kind].safeParse(input.data);
  if (checked && !checked.success)
    return { status: 'faulty', path: ['data', ...(checked.error.issues[0]?.path ?? [])].join('.') };
  return writeOnce<EntryKept>(
    em,
    async (reading) => ((await reading.findOne(DayEntryRow, known)) ? { status: 'known already' } : null),
    async (inside) => {
      const row = await inside.findOne(
        PottingDay,
        { id: dayId, ...isHere(scope) },
        // What is written down of one day takes turns: no plant is potted twice.
        { lockMode: LockMode.PESSIMISTIC_WRITE },
      );
      if (!row) return { status: 'no such day' };
      const kept = keptOf(row);
      const { plantId } = input.data as { plantId?: unknown };
      const entries = (await entriesOf(inside, scope, [dayId])).get(dayId) ?? [];
      const plant = kept ? (runOf(kept, entries).plants.find(({ asked }) => asked.id === plantId) ?? null) : null;
      if (plantId !== undefined && plant === null) return { status: 'not in the day' };
      if (kind === 'potted' && plant?.status === 'potted') return { status: 'known already' };
      const beside = await alongside(inside, scope, row, plant, input, titleOf);
      if (typeof beside === 'string') return { status: beside === 'changed meanwhile' ? 'no such plant' : beside };
      inside.create(DayEntryRow, {
        id: randomUUID(),
        collection: inside.getReference(GrowersCollection, scope.collectionId),
        day: row,
        kind,
        at: new Date(at),
        data: beside.data,
        recordedAt: new Date(),
        idempotencyKey,
      });
      await inside.flush();
      return { status: 'kept' };
    },
    { collectionId: scope.collectionId, key: idempotencyKey, kind: 'day entry', said: { dayId, ...input } },
  );
}
