/** Growers' own media and genera, and what lies in stock: one table, one shape for each kind. Deleting only hides. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { type StockItem, stockName, upgraded } from '@core';
import { GrowersCollection } from '../collections/entity';
import { keepOnce, type KeptOnce } from '../../runtime/http/idempotency-key';
import { cursorOf, type PageWish, readCursor } from '../../runtime/http/page';
import type { Scope } from '../collections/scope';
import { OwnItem, OwnItemBefore, type OwnItemRow } from './entity';
import {
  type OwnEntry,
  type OwnHistory,
  type OwnKind,
  type OwnPage,
  ownSchemas,
  type OwnTypes,
  ownVersions,
} from './schemas';

function nameOf<K extends OwnKind>(kind: K, data: OwnTypes[K]): string {
  return kind === 'stock' ? stockName((data as StockItem).thing) : (data as OwnTypes['medium' | 'genus' | 'view']).name;
}

export function dataOf<K extends OwnKind>(kind: K, row: Pick<OwnItemRow, 'data' | 'dataVersion'>): OwnTypes[K] | null {
  const current = upgraded(row.data, row.dataVersion, ownVersions);
  if (current.status !== 'ok') return null;
  const parsed = ownSchemas[kind].safeParse(current.value);
  return parsed.success ? parsed.data : null;
}

export async function listOwn<K extends OwnKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  { limit, after }: PageWish,
): Promise<OwnPage<K>> {
  const from = readCursor(after);
  const later = from ? { $or: [{ name: { $gt: from.name } }, { name: from.name, id: { $gt: from.id } }] } : {};
  const rows = await em.find(
    OwnItem,
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
export async function saveOwnOnce<K extends OwnKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  data: OwnTypes[K],
  idempotencyKey: string | null,
): Promise<KeptOnce<OwnEntry<K>>> {
  return keepOnce(
    idempotencyKey,
    async (key) => {
      const row = await em.fork().findOne(OwnItem, { collection: scope.collectionId, kind, idempotencyKey: key });
      const known = row && dataOf(kind, row);
      return known && { id: row.id, data: known, version: row.version };
    },
    () => saveOwn(em, scope, kind, data, idempotencyKey),
  );
}

export async function saveOwn<K extends OwnKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  data: OwnTypes[K],
  idempotencyKey: string | null = null,
): Promise<OwnEntry<K>> {
  const id = randomUUID();
  em.create(OwnItem, {
    id,
    collection: em.getReference(GrowersCollection, scope.collectionId),
    kind,
    name: nameOf(kind, data),
    data,
    dataVersion: ownVersions.newest,
    version: 1,
    idempotencyKey,
    createdAt: new Date(),
    deletedAt: null,
  });
  await em.flush();
  return { id, data, version: 1 };
}

export type OwnChanged<K extends OwnKind> =
  | { readonly status: 'changed'; readonly entry: OwnEntry<K> }
  | { readonly status: 'changed meanwhile'; readonly current: OwnTypes[K] | null; readonly version: number }
  | { readonly status: 'no such thing' };

/**
 * Puts new values into an own thing and keeps the old ones beside it, unless it was changed since the version that the writer
 * saw (null: none, so it has not been seen). The same change sent again after a lost answer is there already.
 */
export async function changeOwn<K extends OwnKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  itemId: string,
  data: OwnTypes[K],
  seenVersion: number | null,
): Promise<OwnChanged<K>> {
  return em.transactional(async (inside): Promise<OwnChanged<K>> => {
    const row = await inside.findOne(
      OwnItem,
      { id: itemId, kind, collection: scope.collectionId, deletedAt: null },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!row) return { status: 'no such thing' };
    const current = dataOf(kind, row);
    if (seenVersion !== null && seenVersion + 1 === row.version && isDeepStrictEqual(current, data)) {
      return { status: 'changed', entry: { id: itemId, data, version: row.version } };
    }
    if (seenVersion !== row.version) return { status: 'changed meanwhile', current, version: row.version };
    inside.create(OwnItemBefore, {
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
    row.dataVersion = ownVersions.newest;
    row.version += 1;
    return { status: 'changed', entry: { id: itemId, data, version: row.version } };
  });
}

/** What a thing was before its changes, newest first; null when there is none of that id and kind. */
export async function historyOfOwn<K extends OwnKind>(
  em: EntityManager,
  scope: Scope,
  kind: K,
  itemId: string,
): Promise<OwnHistory<K> | null> {
  const row = await em.findOne(OwnItem, { id: itemId, kind, collection: scope.collectionId });
  if (!row) return null;
  const before = await em.find(OwnItemBefore, { item: row }, { orderBy: { version: 'desc' } });
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
export async function setOwnHidden(
  em: EntityManager,
  scope: Scope,
  kind: OwnKind,
  itemId: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const row = await em.findOne(OwnItem, { id: itemId, kind, collection: scope.collectionId });
  if (!row) return false;
  row.deletedAt = hiddenAt;
  await em.flush();
  return true;
}
