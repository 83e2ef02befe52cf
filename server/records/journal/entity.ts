/**
 * The life of plants: a list that only grows. An event says what happened, on which day, and when it
 * was written down. One may be hidden, or corrected; what it said before a correction is kept.
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
    /** Those written down together, of many plants, share one; undone together. */
    batchId: p.uuid().nullable(),
    /** Counts the corrections; a late writer is told. */
    version: p.integer(),
    hiddenAt: p.datetime().nullable(),
  },
});

/** What an event said before a correction: kept for good. */
export const EventBefore = defineEntity({
  name: 'EventBefore',
  tableName: 'event_before',
  properties: {
    id: p.uuid().primary(),
    event: () => p.manyToOne(PlantEvent),
    version: p.integer(),
    happenedOn: p.date(),
    data: p.json<unknown>(),
    dataVersion: p.integer(),
    replacedAt: p.datetime(),
  },
});

export type PlantEventRow = InferEntity<typeof PlantEvent>;
