/** What lies on the invented grower's shelf: bags and pots as they are left after a spring, some of them low. */
import type { StockItem, StockThing } from '@core';
import type { StockDeed } from '../records/stock/schemas';

export interface DemoStock {
  readonly item: StockItem;
  /** When it was counted. */
  readonly counted: number;
  /** What came and went since, days ago. */
  readonly since?: readonly (Pick<StockDeed, 'kind' | 'amount'> & {
    readonly daysAgo: number;
    readonly note?: string;
  })[];
}

const money = (amount: number) => ({ price: { amount, currency: 'EUR' } });
const medium = (
  mediumId: string,
  counted: number,
  bagL: number,
  price: number,
  more: Partial<DemoStock> = {},
): DemoStock => ({
  item: { thing: { kind: 'medium', mediumId }, lowAt: 3, bagL, ...money(price) },
  counted,
  ...more,
});
const pot = (potKindId: string, rimDiameterCm: number, counted: number, price: number, lowAt = 2): DemoStock => ({
  item: { thing: { kind: 'pot', potKindId, rimDiameterCm }, lowAt, ...money(price) },
  counted,
});
const thing = (what: StockThing, counted: number, more: Partial<StockItem> = {}): DemoStock => ({
  item: { thing: what, ...more },
  counted,
});

/** Counted so many days ago. */
export const DEMO_COUNTED_DAYS_AGO = 40;

export const demoStock: readonly DemoStock[] = [
  medium('bark-6-12', 8, 20, 15, {
    since: [
      { kind: 'bought', amount: 20, daysAgo: 31 },
      { kind: 'taken', amount: 4.5, daysAgo: 30, note: 'an afternoon of repotting' },
    ],
  }),
  medium('bark-9-15', 11, 20, 16),
  medium('bark-3-6', 2.5, 10, 9),
  medium('sphagnum-loose', 6, 12, 18, {
    since: [{ kind: 'taken', amount: 1.5, daysAgo: 12, note: 'two mounts wrapped' }],
  }),
  medium('pumice-3-6', 14, 25, 22),
  medium('perlite-3-6', 9, 10, 8),
  medium('clay-pebbles-8-16', 1.5, 10, 7),
  medium('charcoal-8-16', 4, 5, 9),
  thing({ kind: 'medium', mediumId: 'lava-8-16', used: 'boiled' }, 6, { note: 'from the old greenhouse bed' }),
  pot('plastic-clear-cone', 10, 9, 0.9, 4),
  pot('plastic-clear-cone', 12, 14, 1.1, 4),
  pot('plastic-clear-cone', 15, 3, 1.6, 4),
  pot('plastic-round', 9, 12, 0.4, 4),
  pot('clay-unglazed', 12, 5, 2.2),
  pot('net-pot', 9, 6, 0.6),
  pot('slat-basket', 15, 2, 6.5, 1),
  thing({ kind: 'pot', potKindId: 'plastic-clear-cone', rimDiameterCm: 12, used: 'to be washed' }, 7),
  thing({ kind: 'mount', mountKindId: 'mount-cork', widthCm: 12 }, 3, { lowAt: 1, ...money(5) }),
  thing({ kind: 'mount', mountKindId: 'mount-tree-fern', widthCm: 10 }, 1, { lowAt: 1, ...money(7) }),
  thing({ kind: 'sundry', sundry: 'wick' }, 8, { lowAt: 4 }),
  thing({ kind: 'sundry', sundry: 'stake', ownName: 'bamboo 40 cm' }, 22),
  thing({ kind: 'sundry', sundry: 'tag' }, 35, { lowAt: 20 }),
];
