/** What lies in stock, asked for and written down. Apart from the one client, since the first screen does without it. */
import { intoStockTitle } from '@core/words';
import { stockName } from '@core';
import {
  type StockAdd,
  type StockDeed,
  type StockEntries,
  stockEntriesSchema,
  type StockKept,
  stockKeptSchema,
  type StockList,
  stockListSchema,
} from '@server/records/stock/schemas';
import { ask, understood } from './ask';
import { outbox } from './outbox/outbox';

export const stockCalls = {
  stock: (): Promise<StockList> => ask(stockListSchema, '/api/stock'),
  stockEntries: (itemId: string): Promise<StockEntries> => ask(stockEntriesSchema, `/api/stock/${itemId}/entries`),
  /** A new thing in stock, with its first count. */
  addToStock: async (form: StockAdd): Promise<StockKept> => {
    const title = intoStockTitle(stockName(form.item.thing));
    return understood(stockKeptSchema, await outbox.deliver({ title, method: 'POST', path: '/api/stock', body: form }));
  },
  /** Counted, bought, taken, come back or washed. title: what it is, for the grower. */
  saveStock: async (title: string, form: StockDeed): Promise<StockKept> =>
    understood(
      stockKeptSchema,
      await outbox.deliver({ title, method: 'POST', path: '/api/stock/entries', body: form }),
    ),
};
