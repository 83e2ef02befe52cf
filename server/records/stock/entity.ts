/** What was counted of a thing in stock, came and went: a list that only grows. The thing itself is one of the grower's own. */
import { defineEntity, p } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';
import { LibraryItem } from '../library/entity';

export const StockEntry = defineEntity({
  name: 'StockEntry',
  tableName: 'stock_entry',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    item: () => p.manyToOne(LibraryItem),
    /** counted, bought, taken or back. */
    kind: p.string().length(10),
    /** Litres or pieces. */
    amount: p.double(),
    /** YYYY-MM-DD */
    happenedOn: p.date(),
    note: p.string().length(500),
    /** The potting it was taken for; where that is undone, this is. */
    eventId: p.uuid().nullable(),
    /** Those written down together are undone together. */
    batchId: p.uuid(),
    recordedAt: p.datetime(),
    idempotencyKey: p.string().length(80),
    hiddenAt: p.datetime().nullable(),
  },
});
