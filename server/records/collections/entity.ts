/** A grower's things together. Every row belongs to one. */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';

export const GrowersCollection = defineEntity({
  name: 'GrowersCollection',
  tableName: 'collection',
  properties: {
    id: p.uuid().primary(),
    name: p.string().length(120),
    createdAt: p.datetime(),
    /** When the example's plants were put in; they are never put in twice. */
    demoLoadedAt: p.datetime().nullable(),
    /** Left behind as one; undo clears it. */
    removedAt: p.datetime().nullable(),
  },
});

export type CollectionRow = InferEntity<typeof GrowersCollection>;
