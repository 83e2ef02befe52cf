/** A plant. Its life stands in its events; here is only what a list shows, and the case last said of it. */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const Plant = defineEntity({
  name: 'Plant',
  tableName: 'plant',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    name: p.string().length(120),
    genusId: p.string().length(80),
    /** The case last saved for it, as validated JSON, and the version of its shape. */
    lastCase: p.json<unknown>(),
    caseVersion: p.integer(),
    /** Counts the changes; a late writer is told. */
    version: p.integer(),
    createdAt: p.datetime(),
    /** Put away; undo clears it. */
    deletedAt: p.datetime().nullable(),
  },
});

export type PlantRow = InferEntity<typeof Plant>;
