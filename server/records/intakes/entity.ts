/** A list or an archive that was taken in, and the plants that came with it, so that it can be undone as one. */
import { defineEntity, p } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const Intake = defineEntity({
  name: 'Intake',
  tableName: 'intake',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    /** list or archive. */
    kind: p.string().length(10),
    name: p.string().length(200),
    takenInAt: p.datetime(),
    plantIds: p.array<string>().columnType('uuid[]'),
    /** What came with it beside plants: ids by section. */
    brought: p.json<Readonly<Record<string, readonly string[]>>>(),
    idempotencyKey: p.string().length(80),
    undoneAt: p.datetime().nullable(),
  },
});
