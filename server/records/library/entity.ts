/** Media and genera of the grower's own, the things in stock (how much of them stands in server/stock), and views of the list. */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const LibraryItem = defineEntity({
  name: 'LibraryItem',
  tableName: 'own_item',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    /** medium, genus, stock or view. */
    kind: p.string().length(20),
    name: p.string().length(120),
    /** The thing itself, as validated JSON, and the version of its shape. */
    data: p.json<unknown>(),
    dataVersion: p.integer(),
    /** Counts the changes; a late writer is told. */
    version: p.integer(),
    /** Of the request that made it, if it had one; the same key twice is the same thing. */
    idempotencyKey: p.string().length(80).nullable(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});

export type LibraryItemRow = InferEntity<typeof LibraryItem>;

/** What an own thing was before a change: kept for good. */
export const LibraryItemBefore = defineEntity({
  name: 'LibraryItemBefore',
  tableName: 'own_item_before',
  properties: {
    id: p.uuid().primary(),
    item: () => p.manyToOne(LibraryItem),
    version: p.integer(),
    name: p.string().length(120),
    data: p.json<unknown>(),
    dataVersion: p.integer(),
    replacedAt: p.datetime(),
  },
});
