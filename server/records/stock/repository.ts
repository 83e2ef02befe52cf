/** What lies in stock: how much, and what was written down of it. One transaction for each deed, kept once. */
import { randomUUID } from 'node:crypto';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { type StockEntryKind, type StockThing, stockUnitOf, toThousandths } from '@core';
import { GrowersCollection } from '../collections/entity';
import { LibraryItem, type LibraryItemRow } from '../library/entity';
import { dataOf, saveLibraryItem } from '../library/repository';
import { writeOnce } from '../../runtime/database/write-once';
import type { Scope } from '../collections/scope';
import { StockEntry } from './entity';
import type { StockAdd, StockDeed, StockEntries, StockKept, StockList } from './schemas';

/** More kinds of things than anybody keeps. */
const MOST_THINGS = 2000;
const MOST_ENTRIES = 300;
/** An amount beyond all measure, from elsewhere, must not break the sum of a thing. */
const MOST_AMOUNT = 1e9;

/** The last count of each thing, and what came and went since; an entry of a potting that was undone does not count. */
const amounts = (which: string): string => `
  with entry as (
    select stock_entry.id, stock_entry.item_id, stock_entry.seq, stock_entry.kind, stock_entry.happened_on,
      least(stock_entry.amount, ${MOST_AMOUNT}) as amount from stock_entry
    left join event on event.id = stock_entry.event_id
    where stock_entry.collection_id = ? and stock_entry.hidden_at is null
      and (stock_entry.event_id is null or event.hidden_at is null) ${which}
  ), counted as (
    select distinct on (item_id) item_id, seq, amount, happened_on from entry
    where kind = 'counted' order by item_id, seq desc
  )
  select entry.item_id as id, max(counted.happened_on)::text as counted_on,
    coalesce(max(counted.amount), 0) + coalesce(sum(case entry.kind when 'taken' then -entry.amount
      when 'counted' then 0 else entry.amount end) filter (where entry.seq > coalesce(counted.seq, -1)), 0) as amount
  from entry left join counted on counted.item_id = entry.item_id
  group by entry.item_id`;
const allAmounts = amounts('');
const amountOfOne = amounts('and stock_entry.item_id = ?');

interface AmountRow {
  readonly id: string;
  readonly counted_on: string | null;
  readonly amount: number;
}

export async function listStock(em: EntityManager, scope: Scope): Promise<StockList> {
  const rows = await em.find(
    LibraryItem,
    { collection: scope.collectionId, kind: 'stock', deletedAt: null },
    { orderBy: { name: 'asc', id: 'asc' }, limit: MOST_THINGS },
  );
  const found: readonly AmountRow[] = await em.execute(allAmounts, [scope.collectionId]);
  const byId = new Map(found.map((row) => [row.id, row]));
  const read = rows.map((row) => ({ row, data: dataOf('stock', row) }));
  return {
    items: read.flatMap(({ row: { id, version }, data }) => {
      if (!data) return [];
      const told = byId.get(id);
      return [{ id, version, data, amount: toThousandths(told?.amount ?? 0), countedOn: told?.counted_on ?? null }];
    }),
    unreadable: read.flatMap(({ row: { id, name }, data }) => (data ? [] : [{ id, name }])),
  };
}

async function amountOf(em: EntityManager, scope: Scope, itemId: string): Promise<number> {
  const [row]: readonly AmountRow[] = await em.execute(amountOfOne, [scope.collectionId, itemId]);
  return toThousandths(row?.amount ?? 0);
}

/** Newest first; null where there is no such thing. */
export async function entriesOf(em: EntityManager, scope: Scope, itemId: string): Promise<StockEntries | null> {
  const item = await em.findOne(LibraryItem, { id: itemId, kind: 'stock', collection: scope.collectionId });
  if (!item) return null;
  const rows: readonly (StockEntries['entries'][number] & { plantId: string | null; plantName: string | null })[] =
    await em.execute(
      `select entry.id, entry.batch_id as "batchId", entry.kind, entry.amount, entry.happened_on::text as "happenedOn", entry.note,
        plant.id as "plantId", plant.name as "plantName"
      from stock_entry entry left join event on event.id = entry.event_id left join plant on plant.id = event.plant_id
      where entry.collection_id = ? and entry.item_id = ? and entry.hidden_at is null
        and (entry.event_id is null or event.hidden_at is null)
      order by entry.seq desc limit ${MOST_ENTRIES}`,
      [scope.collectionId, itemId],
    );
  return {
    entries: rows.map(({ plantId, plantName, ...entry }) => ({
      ...entry,
      plant: plantId === null ? null : { id: plantId, name: plantName! },
    })),
  };
}

interface NewEntry {
  readonly itemId: string;
  readonly kind: StockEntryKind;
  readonly amount: number;
  readonly happenedOn: string;
  readonly note: string;
  readonly eventId: string | null;
  readonly batchId: string;
  readonly idempotencyKey: string;
}

function write(em: EntityManager, scope: Scope, { itemId, ...entry }: NewEntry): void {
  em.create(StockEntry, {
    id: randomUUID(),
    collection: em.getReference(GrowersCollection, scope.collectionId),
    item: em.getReference(LibraryItem, itemId),
    ...entry,
    recordedAt: new Date(),
    hiddenAt: null,
  });
}

export type StockRecorded =
  | ({ readonly status: 'recorded' | 'known already' } & StockKept)
  | { readonly status: 'no such thing' | 'whole pieces only' | 'cannot be washed' }
  | { readonly status: 'there already'; readonly itemId: string };

/** What was kept under a key; null where nothing was. */
async function keptUnder(em: EntityManager, scope: Scope, key: string): Promise<StockRecorded | null> {
  const first = await em.findOne(StockEntry, { collection: scope.collectionId, idempotencyKey: `${key}:0` });
  if (!first) return null;
  const itemId = first.item.id;
  return { status: 'known already', itemId, batchId: first.batchId, amount: await amountOf(em, scope, itemId) };
}

type Work = (em: EntityManager, key: string) => Promise<StockRecorded>;

async function keepOnceUnder(
  em: EntityManager,
  scope: Scope,
  input: StockAdd | StockDeed,
  work: Work,
): Promise<StockRecorded> {
  const key = input.idempotencyKey ?? randomUUID();
  return writeOnce(
    em,
    (reading) => keptUnder(reading, scope, key),
    (inside) => work(inside, key),
    { collectionId: scope.collectionId, key, kind: 'stock', said: input },
  );
}

/** Of many who bring the same new thing at the same moment one makes it: until the end of its transaction the others wait. */
async function oneAtATime(em: EntityManager, scope: Scope, thing: StockThing): Promise<void> {
  await em.execute(`select pg_advisory_xact_lock(hashtextextended(? || (?::jsonb)::text, 0))`, [
    scope.collectionId,
    JSON.stringify(thing),
  ]);
}

/** Which of the things in stock is this; null where there is none. */
async function itemOfThing(em: EntityManager, scope: Scope, thing: StockThing): Promise<string | null> {
  const [row]: readonly { id: string }[] = await em.execute(
    `select id from own_item where collection_id = ? and kind = 'stock' and deleted_at is null and data->'thing' = ?::jsonb
      order by created_at limit 1`,
    [scope.collectionId, JSON.stringify(thing)],
  );
  return row?.id ?? null;
}

const isWholeOf = (thing: Pick<StockThing, 'kind'>, amount: number): boolean =>
  stockUnitOf(thing) === 'L' || Number.isInteger(amount);

export async function addToStock(em: EntityManager, scope: Scope, input: StockAdd): Promise<StockRecorded> {
  const { item, amount, happenedOn } = input;
  if (!isWholeOf(item.thing, amount)) return { status: 'whole pieces only' };
  return keepOnceUnder(em, scope, input, async (inside, key) => {
    await oneAtATime(inside, scope, item.thing);
    const there = await itemOfThing(inside, scope, item.thing);
    if (there !== null) return { status: 'there already', itemId: there };
    const { id: itemId } = await saveLibraryItem(inside, scope, 'stock', item);
    const batchId = randomUUID();
    const entry = { kind: 'counted', amount, happenedOn, note: '', eventId: null } as const;
    write(inside, scope, { ...entry, itemId, batchId, idempotencyKey: `${key}:0` });
    await inside.flush();
    return { status: 'recorded', itemId, batchId, amount };
  });
}

async function thingOf(em: EntityManager, scope: Scope, itemId: string): Promise<StockThing | null> {
  const row: LibraryItemRow | null = await em.findOne(
    LibraryItem,
    { id: itemId, kind: 'stock', collection: scope.collectionId, deletedAt: null },
    { lockMode: LockMode.PESSIMISTIC_READ },
  );
  return (row && dataOf('stock', row)?.thing) ?? null;
}

/** The thing in stock, made where there is none of it yet. */
async function itemFor(em: EntityManager, scope: Scope, thing: StockThing): Promise<string> {
  await oneAtATime(em, scope, thing);
  return (await itemOfThing(em, scope, thing)) ?? (await saveLibraryItem(em, scope, 'stock', { thing })).id;
}

export async function recordStock(em: EntityManager, scope: Scope, input: StockDeed): Promise<StockRecorded> {
  const { itemId, kind, amount, happenedOn, note } = input;
  return keepOnceUnder(em, scope, input, async (inside, key) => {
    const thing = await thingOf(inside, scope, itemId);
    if (!thing) return { status: 'no such thing' };
    if (!isWholeOf(thing, amount)) return { status: 'whole pieces only' };
    const batchId = randomUUID();
    const entry = { itemId, amount, happenedOn, note, eventId: null, batchId } as const;
    if (kind === 'washed') {
      const clean = (thing.kind === 'pot' || thing.kind === 'mount') && thing.used === 'to be washed' ? thing : null;
      if (!clean) return { status: 'cannot be washed' };
      const cleanId = await itemFor(inside, scope, { ...clean, used: 'washed' });
      write(inside, scope, { ...entry, kind: 'taken', idempotencyKey: `${key}:0` });
      write(inside, scope, { ...entry, itemId: cleanId, kind: 'back', idempotencyKey: `${key}:1` });
    } else write(inside, scope, { ...entry, kind, idempotencyKey: `${key}:0` });
    await inside.flush();
    return { status: 'recorded', itemId, batchId, amount: await amountOf(inside, scope, itemId) };
  });
}

/** false where there is no such batch. */
export async function setStockHidden(
  em: EntityManager,
  scope: Scope,
  batchId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  return (await em.nativeUpdate(StockEntry, { batchId, collection: scope.collectionId }, { hiddenAt })) > 0;
}

/** What a potting takes from stock, and what comes back with it. */
export interface PottingStock {
  readonly takes: readonly { readonly itemId: string; readonly amount: number }[];
  readonly gives: readonly { readonly thing: StockThing; readonly amount: number }[];
}

/** A potting names stock that is not there: nothing of it is kept. */
export class NoSuchStockError extends Error {}

/** The potting that takes; version where it is one that was put right. */
interface TakingEvent {
  readonly id: string;
  readonly happenedOn: string;
  readonly version?: number;
}

/** Inside the transaction that puts a potting right: what it took before is hidden, and this taken. Throws NoSuchStockError. */
export async function takeInstead(
  em: EntityManager,
  scope: Scope,
  event: TakingEvent,
  stock: PottingStock,
): Promise<void> {
  const before = { eventId: event.id, collection: scope.collectionId, hiddenAt: null };
  await em.nativeUpdate(StockEntry, before, { hiddenAt: new Date() });
  await takeForPotting(em, scope, event, stock);
}

/** Inside the transaction that keeps the potting, after its event. Throws NoSuchStockError. */
export async function takeForPotting(
  em: EntityManager,
  scope: Scope,
  event: TakingEvent,
  { takes, gives }: PottingStock,
): Promise<void> {
  const batchId = randomUUID();
  const entry = { happenedOn: event.happenedOn, note: '', eventId: event.id, batchId };
  const key = event.version === undefined ? event.id : `${event.id}:v${event.version}`;
  let written = 0;
  const line = (kind: StockEntryKind, itemId: string, amount: number) => {
    write(em, scope, { ...entry, kind, itemId, amount, idempotencyKey: `${key}:${written}` });
    written += 1;
  };
  // One line a thing, however often it was named.
  const taken = new Map<string, number>();
  for (const { itemId, amount } of takes) taken.set(itemId, (taken.get(itemId) ?? 0) + amount);
  for (const [itemId, amount] of taken) {
    const thing = await thingOf(em, scope, itemId);
    if (!thing || !isWholeOf(thing, amount)) throw new NoSuchStockError();
    line('taken', itemId, toThousandths(amount));
  }
  for (const { thing, amount } of gives) {
    if (!isWholeOf(thing, amount)) throw new NoSuchStockError();
    line('back', await itemFor(em, scope, thing), amount);
  }
  await em.flush();
}
