'use client';

/** One thing on the shelf: how much there is, and what can be done about it in one touch. */
import dayjs from 'dayjs';
import { PageLink } from '../../controls/page-link';
import { useState } from 'react';
import { type StockEntryKind, stockUnitOf } from '@core';
import { stockAmountText, thingText, ofBagBought } from '@core/words';
import type { StockRow } from '@server/records/stock/schemas';
import { Button } from '../../controls/button';
import { messages } from '../../data/messages';
import { type Deed, useStockEntries, useStockWork } from '../../data/stock';
import { useUnits } from '../../data/units-context';
import styles from './stock.module.css';
import { ThingPicture } from './thing-picture';

export const isLow = ({ amount, data: { lowAt } }: StockRow): boolean => lowAt !== undefined && amount <= lowAt;

const unitWords = (row: StockRow, amount: number): string => {
  if (stockUnitOf(row.data.thing) === 'L') return '';
  return amount === 1 ? ' piece' : ' pieces';
};

const isToBeWashed = ({ data: { thing } }: StockRow): boolean =>
  (thing.kind === 'pot' || thing.kind === 'mount') && thing.used === 'to be washed';

interface StockTileProps {
  readonly row: StockRow;
  readonly onChange: () => void;
}

export function StockTile({ row, onChange }: StockTileProps) {
  const { units } = useUnits();
  const { write, isBusy } = useStockWork();
  const [isOpen, setOpen] = useState(false);
  const { thing, bagL } = row.data;
  const name = thingText(thing, units);
  const short = row.amount < 0;
  const say = async (said: string, deed: Deed) => {
    const fault = await write(row, said, deed);
    if (fault !== null) messages.error(fault);
    return fault === null;
  };
  const bought = bagL ?? 1;
  return (
    <li className={styles.tile} data-low={isLow(row) || short ? '' : undefined} data-open={isOpen ? '' : undefined}>
      <button type="button" className={styles.what} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        <ThingPicture thing={thing} amount={row.amount} bagL={bagL} />
        <span>
          <strong>{name}</strong>
          <span className={styles.amount}>
            {stockAmountText(thing, Math.max(0, row.amount))}
            {unitWords(row, Math.max(0, row.amount))}
            {short ? <em> count again: more was taken than there was</em> : null}
            {!short && isLow(row) ? <em> little left</em> : null}
          </span>
          {row.data.note ? <small>{row.data.note}</small> : null}
        </span>
      </button>
      {isToBeWashed(row) ? (
        <Button
          isBusy={isBusy}
          disabled={row.amount <= 0}
          onClick={() => void say(`${row.amount} washed`, { kind: 'washed', amount: row.amount })}
        >
          All washed<span className="visually-hidden">: {name}</span>
        </Button>
      ) : (
        <Button
          isBusy={isBusy}
          onClick={() => void say(moreSaid(row), { kind: isUsed(row) ? 'back' : 'bought', amount: bought })}
        >
          {moreText(row)}
          <span className="visually-hidden"> of {name}</span>
        </Button>
      )}
      {isOpen ? <Book row={row} onSay={say} isBusy={isBusy} onChange={onChange} /> : null}
    </li>
  );
}

const isByLitre = (row: StockRow): boolean => row.data.bagL === undefined && stockUnitOf(row.data.thing) === 'L';

function moreText(row: StockRow): string {
  if (row.data.bagL !== undefined) return '+ a bag';
  return isByLitre(row) ? '+ 1 L' : '+ 1';
}

/** What was used before is not bought: it comes back. */
const isUsed = ({ data: { thing } }: StockRow): boolean => thing.kind !== 'sundry' && thing.used !== undefined;

function moreSaid(row: StockRow): string {
  if (isUsed(row)) return isByLitre(row) ? '1 L came back' : '1 came back';
  if (row.data.bagL !== undefined) return ofBagBought(row.data.bagL);
  return isByLitre(row) ? '1 L bought' : '1 bought';
}

const entryWords: Readonly<Record<StockEntryKind, string>> = {
  counted: 'counted',
  bought: 'bought',
  taken: 'taken',
  back: 'came back',
};
const deeds: readonly StockEntryKind[] = ['counted', 'bought', 'taken', 'back'];
const buttonWords: Readonly<Record<StockEntryKind, string>> = {
  counted: 'There are so many',
  bought: 'Bought',
  taken: 'Taken',
  back: 'Came back',
};

interface BookProps {
  readonly row: StockRow;
  readonly isBusy: boolean;
  /** Answers whether it was kept. */
  readonly onSay: (said: string, deed: Deed) => Promise<boolean>;
  readonly onChange: () => void;
}

/** How much, said once; and what was written down before. */
function Book({ row, isBusy, onSay, onChange }: BookProps) {
  const [typed, setTyped] = useState('');
  const amount = Number(typed.replace(',', '.'));
  const isSaid = typed.trim() !== '' && Number.isFinite(amount) && amount >= 0;
  const unit = stockUnitOf(row.data.thing);
  const say = async (kind: StockEntryKind) => {
    const said = `${stockAmountText(row.data.thing, amount)} ${entryWords[kind]}`;
    if (await onSay(said, { kind, amount })) setTyped('');
  };
  return (
    <div className={`entry ${styles.book}`}>
      <div className={styles.saying}>
        <label>
          How much, {unit === 'L' ? 'litres' : 'pieces'}
          <input inputMode="decimal" value={typed} maxLength={9} onChange={(event) => setTyped(event.target.value)} />
        </label>
        <div className={styles.kinds}>
          {deeds.map((kind) => (
            <Button key={kind} isBusy={isBusy} disabled={!isSaid} onClick={() => void say(kind)}>
              {kind === 'counted' && unit === 'L' ? 'There is so much' : buttonWords[kind]}
            </Button>
          ))}
        </div>
        <Button aria-haspopup="dialog" onClick={onChange}>
          Low mark, price, note…
        </Button>
      </div>
      <Entries row={row} />
    </div>
  );
}

function Entries({ row }: { readonly row: StockRow }) {
  const kept = useStockEntries(row.id);
  const { takeBack } = useStockWork();
  if (!kept) return <p>Looking it up…</p>;
  return (
    <ol className={styles.entries}>
      {kept.entries.map(({ id, batchId, kind, amount, happenedOn, plant }) => (
        <li key={id}>
          <span>
            {dayjs(happenedOn).format('D MMM YYYY')}: {stockAmountText(row.data.thing, amount)} {entryWords[kind]}
            {plant ? (
              <>
                {' '}
                for <PageLink href={`/plants/${plant.id}`}>{plant.name}</PageLink>
              </>
            ) : null}
          </span>
          {plant ? null : (
            <Button kind="link" onClick={() => takeBack(batchId)}>
              Undo
              <span className="visually-hidden">
                {' '}
                {entryWords[kind]} on {dayjs(happenedOn).format('D MMM YYYY')}
              </span>
            </Button>
          )}
        </li>
      ))}
    </ol>
  );
}
