/** A place of the grower's own. */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const StoredPlace = defineEntity({
  name: 'StoredPlace',
  tableName: 'place',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    name: p.string().length(120),
    /** The place with its twelve months, as validated JSON, and the version of its shape. */
    air: p.json<unknown>(),
    airVersion: p.integer(),
    /** Counts the changes; a late writer is told. */
    version: p.integer(),
    /** Of the request that made it, if it had one; the same key twice is the same thing. */
    idempotencyKey: p.string().length(80).nullable(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});

export type StoredPlaceRow = InferEntity<typeof StoredPlace>;
