'use client';

/** What a potting takes out of stock, as it is reckoned and as it was; and the old pot that comes back. */
import type { Dispatch, SetStateAction } from 'react';
import {
  makeRecipe,
  type PlanCase,
  type SetupSpec,
  stockNeedsOf,
  type StockTake,
  type StockThing,
  stockUnitOf,
  takesFrom,
  vesselCatalogue,
} from '@core';
import { stockAmountText, thingText } from '@core/words';
import type { StockRow } from '@server/records/stock/schemas';
import { inStock } from '../data/stock';
import { useUnits } from '../data/units-context';
import styles from './keep.module.css';

/** What lies in stock for it; lines of which nothing is kept there are left out. */
export function takesOf(
  planCase: PlanCase,
  spec: SetupSpec,
  rows: readonly StockRow[],
  plantName: string,
): readonly StockTake[] {
  const recipe = makeRecipe(planCase, spec);
  return takesFrom(stockNeedsOf(spec, recipe), inStock(rows), plantName).filter(({ from }) => from !== null);
}

/** The pot it comes out of, as far as it is known. */
export function oldPotOf({ current }: PlanCase): StockThing | null {
  const { vesselKind: potKindId, rimDiameterCm } = current ?? {};
  const kind = vesselCatalogue.find(({ id }) => id === potKindId);
  if (kind?.vessel !== 'pot' || rimDiameterCm === undefined) return null;
  return { kind: 'pot', potKindId: kind.id, rimDiameterCm, used: 'to be washed' };
}

/** What was typed beside what was reckoned, by the id of the thing; empty where it was left. */
export type Typed = Readonly<Record<string, string>>;

export function takenOf({ from, amount }: StockTake, typed: Typed): number {
  const said = typed[from!.id];
  return said === undefined || said.trim() === '' ? amount : Number(said.replace(',', '.'));
}

interface PottedStockProps {
  readonly takes: readonly StockTake[];
  readonly typed: Typed;
  readonly onTyped: Dispatch<SetStateAction<Typed>>;
  readonly isTaken: boolean;
  readonly onTaken: (isTaken: boolean) => void;
  readonly takenLabel: string;
  readonly oldPot: StockThing | null;
  readonly isBack: boolean;
  readonly onBack: (isBack: boolean) => void;
}

export function PottedStock(props: PottedStockProps) {
  const { takes, typed, onTyped, isTaken, onTaken, takenLabel, oldPot, isBack, onBack } = props;
  const { units } = useUnits();
  if (takes.length === 0 && oldPot === null) return null;
  return (
    <fieldset className={`entry ${styles.fromStock}`}>
      <legend>Stock</legend>
      {takes.length > 0 ? (
        <label className="tick">
          <input type="checkbox" checked={isTaken} onChange={(event) => onTaken(event.target.checked)} />
          {takenLabel}
        </label>
      ) : null}
      {isTaken
        ? takes.map((take) => (
            <label key={take.from!.id} className={styles.take}>
              <span>
                {thingText(take.from!.thing, units)}
                {take.shortBy > 0 ? (
                  <em> only {stockAmountText(take.thing, Math.max(0, take.from!.amount))} there by the book</em>
                ) : null}
              </span>
              <input
                inputMode="decimal"
                maxLength={8}
                aria-label={`${thingText(take.from!.thing, units)}, ${stockUnitOf(take.thing)}`}
                placeholder={stockAmountText(take.thing, take.amount)}
                value={typed[take.from!.id] ?? ''}
                onChange={(event) => {
                  const { value } = event.target;
                  onTyped((before) => ({ ...before, [take.from!.id]: value }));
                }}
              />
            </label>
          ))
        : null}
      {oldPot ? (
        <label className="tick">
          <input type="checkbox" checked={isBack} onChange={(event) => onBack(event.target.checked)} />
          The old pot goes into stock, to be washed
        </label>
      ) : null}
    </fieldset>
  );
}
