/**
 * The life of plants: a list that only grows. An event says what happened, on which day, and when it
 * was written down; hiding one is the only change there is.
 */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';
import { Plant } from '../plants/entity';

export const PlantEvent = defineEntity({
  name: 'PlantEvent',
  tableName: 'event',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    plant: () => p.manyToOne(Plant),
    kind: p.string().length(20),
    /** The day it happened, YYYY-MM-DD. */
    happenedOn: p.date(),
    recordedAt: p.datetime(),
    /** Made by whoever wrote it; the same key twice is the same event. */
    idempotencyKey: p.string().length(80),
    /** What a list shows of it. */
    title: p.string().length(200),
    /** The rest, as JSON of its kind, and the version of its shape. */
    data: p.json<unknown>(),
    dataVersion: p.integer(),
    hiddenAt: p.datetime().nullable(),
  },
});

export type PlantEventRow = InferEntity<typeof PlantEvent>;
