/** Growers' own media, pots and genera: one table, one shape for each kind. Deleting only hides. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { type OwnPot, potKindById, upgraded } from '@core';
import { GrowersCollection } from '../collections/entity';
import { keepOnce, type KeptOnce } from '../http/once';
import { cursorOf, type PageWish, readCursor } from '../http/page';
import type { Scope } from '../scope';
import { OwnItem, type OwnItemRow } from './entity';
import { type OwnEntry, type OwnKind, type OwnPage, ownSchemas, type OwnTypes, ownVersions } from './schemas';

function potName({ potKindId, rimDiameterCm }: OwnPot): string {
  return `${potKindById(potKindId).name} ${rimDiameterCm} cm`;
}

function nameOf<K extends OwnKind>(kind: K, data: OwnTypes[K]): string {
  return kind === 'pot' ? potName(data as OwnPot) : (data as OwnTypes['medium' | 'genus']).name;
}

function dataOf<K extends OwnKind>(kind: K, row: Pick<OwnItemRow, 'data' | 'dataVersion'>): OwnTypes[K] | null {
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
    items: read.flatMap(({ row, data }) => (data ? [{ id: row.id, data }] : [])),
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
      return known && { id: row.id, data: known };
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
    idempotencyKey,
    createdAt: new Date(),
    deletedAt: null,
  });
  await em.flush();
  return { id, data };
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
