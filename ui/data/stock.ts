'use client';

/** What lies in stock, and writing down what came and went. */
import { outOfStock } from '@core/words';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { type AtHand, atHandOf, type InStock, stockName } from '@core';
import type { StockAdd, StockDeed, StockEntries, StockList, StockRow } from '@server/records/stock/schemas';
import { client } from './client';
import { stockCalls } from './stock-calls';
import { today } from './dates';
import { messages } from './messages';
import { useKeep } from './use-keep';
import { messageOf } from './worker/long-work';
import { newId } from './browser/new-id';

const key = ['stock'] as const;

/** undefined until it has come. first: what the page brought. */
export function useStock(first?: StockList): StockList | undefined {
  const { data } = useQuery({ queryKey: key, queryFn: stockCalls.stock, ...(first ? { initialData: first } : {}) });
  return data;
}

export const inStock = (rows: readonly StockRow[]): readonly InStock[] =>
  rows.map(({ id, amount, data: { thing } }) => ({ id, amount, thing }));

/** What the bench can propose from; plantName: used pieces serve the plant they came from. */
export function useAtHand(plantName: string | null): AtHand {
  return atHandOf(inStock(useStock()?.items ?? []), plantName);
}

/** Asked only while it is shown. */
export function useStockEntries(itemId: string): StockEntries | undefined {
  return useQuery({ queryKey: [...key, 'entries', itemId], queryFn: () => stockCalls.stockEntries(itemId) }).data;
}

/** Seconds in which it can be taken back on the spot. */
const UNDO_SECONDS = 12;

export type Deed = Pick<StockDeed, 'kind' | 'amount'>;

/** Each answers null where it was kept, or waits to be sent; else why not. */
export function useStockWork() {
  const queries = useQueryClient();
  const keepIt = useKeep();
  const [isBusy, setBusy] = useState(false);
  const refresh = useCallback(() => queries.invalidateQueries({ queryKey: key }), [queries]);

  const keep = useCallback(
    async (work: () => Promise<unknown>): Promise<string | null> => {
      setBusy(true);
      const outcome = await keepIt(work).finally(() => setBusy(false));
      await refresh();
      return outcome.status === 'refused' ? outcome.message : null;
    },
    [keepIt, refresh],
  );

  const takeBack = useCallback(
    (batchId: string) => {
      messages.takeBack(batchId);
      client.remove('stock/entries', batchId).then(refresh, (error: unknown) => messages.error(messageOf(error)));
    },
    [refresh],
  );

  const write = useCallback(
    (row: StockRow, said: string, deed: Deed): Promise<string | null> => {
      const title = `${stockName(row.data.thing)}: ${said}`;
      // One key a deed: sent again after a lost answer it is kept once.
      const form = { ...deed, itemId: row.id, happenedOn: today(), note: '', idempotencyKey: newId() };
      return keep(async () => {
        const { batchId } = await stockCalls.saveStock(title, form);
        messages.success(`${title}.`, {
          key: batchId,
          seconds: UNDO_SECONDS,
          action: { name: 'Undo', take: () => takeBack(batchId) },
        });
      });
    },
    [keep, takeBack],
  );

  const add = useCallback((form: StockAdd) => keep(() => stockCalls.addToStock(form)), [keep]);

  const change = useCallback(
    (row: StockRow, data: StockRow['data']) => keep(() => client.changeLibraryItem('stock', row, data)),
    [keep],
  );

  const putAway = useCallback(
    async (row: StockRow) => {
      const fault = await keep(() => client.remove('own/stock', row.id));
      if (fault !== null) return messages.error(fault);
      return messages.success(outOfStock(stockName(row.data.thing)), {
        key: row.id,
        seconds: UNDO_SECONDS,
        action: {
          name: 'Undo',
          take: () => {
            messages.takeBack(row.id);
            client.restore('own/stock', row.id).then(refresh, (error: unknown) => messages.error(messageOf(error)));
          },
        },
      });
    },
    [keep, refresh],
  );
  return { isBusy, write, takeBack, add, change, putAway };
}
