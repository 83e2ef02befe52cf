/** Growers' own media and genera, and what lies in stock: one table, one shape for each kind. Deleting only hides. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import { type StockItem, stockName, upgraded } from '@core';
import { GrowersCollection } from '../collections/entity';
import { meetingOf } from '../../runtime/database/seen-version';
import { type FindKept, type KeptOnce, writeOnce } from '../../runtime/database/write-once';
import { cursorOf, type PageQuery, readCursor } from '../../runtime/http/page';
import type { Scope } from '../collections/scope';
import { LibraryItem, LibraryItemBefore, type LibraryItemRow } from './entity';
import {
  type LibraryEntry,
  type LibraryHistory,
  type LibraryKind,
  type LibraryPage,
  librarySchemas,
  type LibraryTypes,
  libraryVersions,
} from './schemas';

function nameOf<K extends LibraryKind>(kind: K, data: LibraryTypes[K]): string {
  return kind === 'stock'
    ? stockName((data as StockItem).thing)
    : (data as LibraryTypes['medium' | 'genus' | 'view']).name;
}

export function dataOf<K extends LibraryKind>(
  kind: K,
  row: Pick<LibraryItemRow, 'data' | 'dataVersion'>,
): LibraryTypes[K] | null {
  const current = upgraded(row.data, row.dataVersion, libraryVersions);
  if (current.status !== 'ok') return null;
  const parsed = librarySchemas[kind].safeParse(current.value);
  return parsed.success ? parsed.data : null;
}

export async function listLibrary<K extends LibraryKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  { limit, after }: PageQuery,
): Promise<LibraryPage<K>> {
  const from = readCursor(after);
  const later = from ? { $or: [{ name: { $gt: from.name } }, { name: from.name, id: { $gt: from.id } }] } : {};
  const rows = await em.find(
    LibraryItem,
    { collection: scope.collectionId, kind, deletedAt: null, ...later },
    { orderBy: { name: 'asc', id: 'asc' }, limit: limit + 1 },
  );
  const shown = rows.slice(0, limit);
  const last = shown[shown.length - 1];
  const read = shown.map((row) => ({ row, data: dataOf(kind, row) }));
  return {
    items: read.flatMap(({ row, data }) => (data ? [{ id: row.id, data, version: row.version }] : [])),
    unreadable: read.flatMap(({ row, data }) => (data ? [] : [{ id: row.id, name: row.name }])),
    next: rows.length > limit && last ? cursorOf(last) : null,
  };
}

/** Keeps a thing of the grower's own; the same key twice keeps it once. */
export async function saveLibraryOnce<K extends LibraryKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  data: LibraryTypes[K],
  idempotencyKey: string | null,
): Promise<KeptOnce<LibraryEntry<K>>> {
  const find: FindKept<KeptOnce<LibraryEntry<K>>> = async (reading) => {
    const row = await reading.findOne(LibraryItem, { collection: scope.collectionId, kind, idempotencyKey });
    const known = row && dataOf(kind, row);
    return known && { kept: { id: row.id, data: known, version: row.version }, wasKnown: true };
  };
  return writeOnce(
    em,
    idempotencyKey === null ? null : find,
    async (inside) => ({
      kept: await saveLibraryItem(inside, scope, kind, data, idempotencyKey),
      wasKnown: false,
    }),
    idempotencyKey === null ? null : { collectionId: scope.collectionId, key: idempotencyKey, kind, said: data },
  );
}

export async function saveLibraryItem<K extends LibraryKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  data: LibraryTypes[K],
  idempotencyKey: string | null = null,
): Promise<LibraryEntry<K>> {
  const id = randomUUID();
  em.create(LibraryItem, {
    id,
    collection: em.getReference(GrowersCollection, scope.collectionId),
    kind,
    name: nameOf(kind, data),
    data,
    dataVersion: libraryVersions.newest,
    version: 1,
    idempotencyKey,
    createdAt: new Date(),
    deletedAt: null,
  });
  await em.flush();
  return { id, data, version: 1 };
}

export type LibraryChanged<K extends LibraryKind> =
  | { readonly status: 'changed'; readonly entry: LibraryEntry<K> }
  | { readonly status: 'changed meanwhile'; readonly current: LibraryTypes[K] | null; readonly version: number }
  | { readonly status: 'no such thing' };

/**
 * Puts new values into an own thing and keeps the old ones beside it, unless it was changed since the version that the writer
 * saw (null: none, so it has not been seen). The same change sent again after a lost answer is there already.
 */
export async function changeLibraryItem<K extends LibraryKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  itemId: string,
  data: LibraryTypes[K],
  seenVersion: number | null,
): Promise<LibraryChanged<K>> {
  return inTransaction(em, async (inside): Promise<LibraryChanged<K>> => {
    const row = await inside.findOne(
      LibraryItem,
      { id: itemId, kind, collection: scope.collectionId, deletedAt: null },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!row) return { status: 'no such thing' };
    const current = dataOf(kind, row);
    const { version } = row;
    const meeting = meetingOf(seenVersion, version, () => isDeepStrictEqual(current, data));
    if (meeting === 'there already') return { status: 'changed', entry: { id: itemId, data, version } };
    if (meeting === 'changed meanwhile') return { status: meeting, current, version };
    inside.create(LibraryItemBefore, {
      id: randomUUID(),
      item: row,
      version: row.version,
      name: row.name,
      data: row.data,
      dataVersion: row.dataVersion,
      replacedAt: new Date(),
    });
    row.name = nameOf(kind, data);
    row.data = data;
    row.dataVersion = libraryVersions.newest;
    row.version += 1;
    return { status: 'changed', entry: { id: itemId, data, version: row.version } };
  });
}

/** What a thing was before its changes, newest first; null when there is none of that id and kind. */
export async function historyOfItem<K extends LibraryKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  itemId: string,
): Promise<LibraryHistory<K> | null> {
  const row = await em.findOne(LibraryItem, { id: itemId, kind, collection: scope.collectionId });
  if (!row) return null;
  const before = await em.find(LibraryItemBefore, { item: row }, { orderBy: { version: 'desc' } });
  return {
    before: before.map((one) => ({
      version: one.version,
      replacedAt: one.replacedAt.toISOString(),
      name: one.name,
      data: dataOf(kind, one),
    })),
  };
}

/** Hides or brings back an item; false when there is none of that id and kind. */
export async function setItemHidden(
  em: EntityManager,
  scope: Scope,
  kind: LibraryKind,
  itemId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const row = await em.findOne(LibraryItem, { id: itemId, kind, collection: scope.collectionId });
  if (!row) return false;
  row.deletedAt = hiddenAt;
  await em.flush();
  return true;
}
