/** Money, as it is written where the grower lives. */
import type { Sum } from '@core';

/** A currency nobody knows is written by its letters. */
export function moneyText({ amount, currency }: Sum): string {
  try {
    return new Intl.NumberFormat(undefined, { style: 'currency', currency }).format(amount);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return `${amount.toFixed(2)} ${currency}`;
  }
}

/** The currency last used; where none was, that of the browser's region is not known: euro. */
const USUAL = 'EUR';
export const usualCurrency = (
  items: readonly { readonly data: { readonly price?: { readonly currency: string } | undefined } }[],
): string => items.find(({ data }) => data.price !== undefined)?.data.price?.currency ?? USUAL;
