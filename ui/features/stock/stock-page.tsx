'use client';

/** The shelf with bags, pots and the rest: how much of each, what runs low, what was taken for which plant. */
import { DeleteSeveral } from '../../controls/delete-several';
import { PlusOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { costOf } from '@core';
import type { StockList, StockRow } from '@server/records/stock/schemas';
import { Button } from '../../controls/button';
import { UnreadableNote } from '../../controls/unreadable-note';
import { thingText, withoutUnpriced, littleLeft } from '@core/words';
import { useStock } from '../../data/stock';
import { useUnits } from '../../data/units-context';
import { useIsBrowser } from '../../data/browser/stored';
import { moneyText, usualCurrency } from '../../data/money';
import { StockDialog } from './stock-dialog';
import { isLow, StockTile } from './stock-tile';
import styles from './stock.module.css';

const groups = [
  { kind: 'medium', title: 'Media' },
  { kind: 'pot', title: 'Pots' },
  { kind: 'mount', title: 'Mounts' },
  { kind: 'sundry', title: 'And the rest' },
] as const;

export function StockPage({ first }: { readonly first: StockList }) {
  const { items, unreadable } = useStock(first) ?? first;
  const [open, setOpen] = useState<{ readonly row: StockRow | null } | null>(null);
  const { units } = useUnits();
  const low = items.filter(isLow);
  return (
    <div className={styles.page}>
      <div className={styles.head}>
        <h1>Stock</h1>
        <Button
          kind="main"
          isLarge
          icon={<PlusOutlined />}
          aria-haspopup="dialog"
          onClick={() => setOpen({ row: null })}
        >
          Something new…
        </Button>
      </div>
      {items.length === 0 ? (
        <p className={styles.none}>
          Nothing yet. Put in your bags and pots once; every potting you keep takes out what it used, and the bench can
          propose from what you have.
        </p>
      ) : (
        <p className={styles.told}>
          {low.length === 0
            ? 'Nothing runs low.'
            : littleLeft(low.map(({ data }) => thingText(data.thing, units)).join('; '))}{' '}
          <Worth items={items} />
        </p>
      )}
      {groups.map(({ kind, title }) => {
        const rows = items.filter(({ data }) => data.thing.kind === kind);
        return rows.length === 0 ? null : (
          <section key={kind} aria-label={title}>
            <h2>{title}</h2>
            <ul className={styles.shelf}>
              {rows.map((row) => (
                <StockTile key={row.id} row={row} onChange={() => setOpen({ row })} />
              ))}
            </ul>
          </section>
        );
      })}
      <DeleteSeveral kind="stock" things={items.map(({ id, data }) => ({ id, name: thingText(data.thing, units) }))} />
      <UnreadableNote kept={unreadable} />
      {open ? <StockDialog row={open.row} currency={usualCurrency(items)} onClose={() => setOpen(null)} /> : null}
    </div>
  );
}

/** What it would cost to buy again. Money is written as the browser does: only there. */
function Worth({ items }: { readonly items: readonly StockRow[] }) {
  const isBrowser = useIsBrowser();
  const lines = items.filter(({ amount }) => amount > 0).map(({ data, amount }) => ({ item: data, amount }));
  const { sums, unpriced } = costOf(lines);
  if (!isBrowser || sums.length === 0) return null;
  return (
    <>
      Worth {sums.map(moneyText).join(' and ')}
      {unpriced > 0 ? withoutUnpriced(unpriced) : ''}.
    </>
  );
}
