/** What things cost, in the grower's own money. */
import type { StockItem } from './thing';

/** Of a litre or a piece; null where no price is said. */
export function unitPrice({ price, bagL }: Pick<StockItem, 'price' | 'bagL'>): number | null {
  if (price === undefined) return null;
  return price.amount / (bagL ?? 1);
}

export interface Sum {
  readonly currency: string;
  readonly amount: number;
}

export interface Cost {
  /** One sum a currency, the largest first. */
  readonly sums: readonly Sum[];
  /** Lines of which no price is known. */
  readonly unpriced: number;
}

/** What lines of a potting, or of a whole stock, come to. */
export function costOf(
  lines: readonly { readonly item: Pick<StockItem, 'price' | 'bagL'>; readonly amount: number }[],
): Cost {
  const byCurrency = new Map<string, number>();
  let unpriced = 0;
  for (const { item, amount } of lines) {
    const each = unitPrice(item);
    if (each === null) unpriced += 1;
    else byCurrency.set(item.price!.currency, (byCurrency.get(item.price!.currency) ?? 0) + each * amount);
  }
  const sums = [...byCurrency].map(([currency, amount]) => ({ currency, amount }));
  return { sums: sums.sort((a, b) => b.amount - a.amount), unpriced };
}
