/** How much there is: the last count, and what came and went since. */

/** counted: so much there was; bought and back come in, taken goes out. */
export const stockEntryKinds = ['counted', 'bought', 'taken', 'back'] as const;
export type StockEntryKind = (typeof stockEntryKinds)[number];

export interface StockEntry {
  readonly kind: StockEntryKind;
  /** In the unit of the thing, 0 or more. */
  readonly amount: number;
}

const THOUSAND = 1000;
/** Sums of decimal litres, to the millilitre. */
export const toThousandths = (amount: number): number => Math.round(amount * THOUSAND) / THOUSAND;

/**
 * entries: in the order in which they were written down. Less than nothing tells that more was taken than was counted: it
 * wants to be counted again.
 */
export function amountNow(entries: readonly StockEntry[]): number {
  const amount = entries.reduce((sum, entry) => {
    if (entry.kind === 'counted') return entry.amount;
    return entry.kind === 'taken' ? sum - entry.amount : sum + entry.amount;
  }, 0);
  return toThousandths(amount);
}
