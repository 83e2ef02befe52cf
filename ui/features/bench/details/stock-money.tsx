'use client';

/** What a setup takes out of the grower's own stock, at their own prices: one line of its costs. */
import { withoutPrice } from '@core/words';
import { costOf, type SetupSpec, stockNeedsOf, takesFrom } from '@core';
import type { SetupReview } from '@core/words';
import { nb } from '../../../controls/nb';
import { moneyText } from '../../../data/money';
import { inStock, useStock } from '../../../data/stock';
import { useCase } from '../state/case-store';

/** What is in stock of it, at the grower's own prices; null where nothing is, or nothing has a price. */
function useOwnMoney({ spec, layers }: Pick<SetupReview, 'spec' | 'layers'>): string | null {
  const plantName = useCase((state) => state.plantName);
  const rows = useStock()?.items ?? [];
  const byId = new Map(rows.map((row) => [row.id, row.data]));
  const needs = stockNeedsOf(
    spec as SetupSpec,
    layers.flatMap(({ bags }) => bags),
  );
  const takes = takesFrom(needs, inStock(rows), plantName || null);
  const there = takes.flatMap(({ from, amount }) => (from ? [{ item: byId.get(from.id)!, amount }] : []));
  const { sums, unpriced } = costOf(there);
  if (sums.length === 0) return null;
  const without = takes.length - there.length + unpriced;
  return `${sums.map(moneyText).join(' and ')}${without > 0 ? withoutPrice(without) : ''}`;
}

export function StockMoney({ review }: { readonly review: Pick<SetupReview, 'spec' | 'layers'> }) {
  const money = useOwnMoney(review);
  return money === null ? null : (
    <tr>
      <td>at the prices of my stock</td>
      <td>{nb(money)}</td>
    </tr>
  );
}
