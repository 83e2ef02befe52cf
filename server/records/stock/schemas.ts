/** What lies in stock, as it is sent and answered. Shared with the screens. */
import * as z from 'zod';
import { faultCode, oneOf, quantity, stockEntryKinds, stockItemSchema, textOf, dayIn } from '@core';

export const stockListSchema = z.object({
  items: z.array(
    z.object({
      id: z.uuid(),
      data: stockItemSchema,
      /** Counts the changes of the thing; sent back with one. */
      version: z.int(),
      /** Litres or pieces. Less than nothing: more was taken than was ever counted. */
      amount: z.number(),
      countedOn: z.string().nullable(),
    }),
  ),
  unreadable: z.array(z.object({ id: z.uuid(), name: z.string() })),
});
export type StockList = z.infer<typeof stockListSchema>;
export type StockRow = StockList['items'][number];

const key = textOf('idempotencyKey', 8, 72).optional();
const day = dayIn('happenedOn');

/** A new thing, and how much there is of it. */
export const stockAddSchema = z.strictObject({
  item: stockItemSchema,
  amount: quantity('stockAmount'),
  happenedOn: day,
  idempotencyKey: key,
});
export type StockAdd = z.infer<typeof stockAddSchema>;

/** washed: so many of what was to be washed lie with the clean ones now. */
export const stockDeeds = [...stockEntryKinds, 'washed'] as const;

export const stockDeedSchema = z.strictObject({
  itemId: z.uuid({ error: faultCode({ code: 'id', field: 'itemId', of: 'a thing in stock' }) }),
  kind: oneOf('kind', stockDeeds),
  amount: quantity('stockAmount'),
  happenedOn: day,
  note: textOf('note', 0, 500).default(''),
  idempotencyKey: key,
});
export type StockDeed = z.infer<typeof stockDeedSchema>;

/** What is answered when it was kept: the batch can be put away and brought back as one. */
export const stockKeptSchema = z.object({ itemId: z.uuid(), batchId: z.uuid(), amount: z.number() });
export type StockKept = z.infer<typeof stockKeptSchema>;

export const stockEntriesSchema = z.object({
  /** Newest first. */
  entries: z.array(
    z.object({
      id: z.uuid(),
      batchId: z.uuid(),
      kind: z.enum(stockEntryKinds),
      amount: z.number(),
      happenedOn: z.string(),
      note: z.string(),
      /** The plant that was potted with it. */
      plant: z.object({ id: z.uuid(), name: z.string() }).nullable(),
    }),
  ),
});
export type StockEntries = z.infer<typeof stockEntriesSchema>;
