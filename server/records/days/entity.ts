/** Potting days, and what was written down while they ran. */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const PottingDay = defineEntity({
  name: 'PottingDay',
  tableName: 'potting_day',
  properties: {
    /** Made by whoever prepares it, so that a day can be begun without a connection. */
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    /** YYYY-MM-DD */
    onDay: p.date(),
    /** As it was prepared, and the version of its shape. */
    data: p.json<unknown>(),
    dataVersion: p.integer(),
    /** Counts the changes; a late writer is told. */
    version: p.integer(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});
export type PottingDayRow = InferEntity<typeof PottingDay>;

export const DayEntryRow = defineEntity({
  name: 'DayEntryRow',
  tableName: 'day_entry',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    day: () => p.manyToOne(PottingDay),
    kind: p.string().length(20),
    /** By the clock of whoever wrote it. */
    at: p.datetime(),
    data: p.json<unknown>(),
    recordedAt: p.datetime(),
    idempotencyKey: p.string().length(80),
  },
});
