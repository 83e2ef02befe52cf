'use client';

/** Years of room, and the pots on the grower's own shelf: those in stock. */
import { DeleteOutlined } from '@ant-design/icons';
import { InputNumber, Select, Switch } from 'antd';
import { PageLink } from '../../../controls/page-link';
import { useState } from 'react';
import { stockItemSchema, vesselCatalogue } from '@core';
import { cm, parseWith, stockAmountText, thingText } from '@core/words';
import type { StockRow } from '@server/records/stock/schemas';
import { UnreadableNote } from '../../../controls/unreadable-note';
import { today } from '../../../data/dates';
import { useAtHand, useStock, useStockWork } from '../../../data/stock';
import { useUnits } from '../../../data/units-context';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { useFaultAt } from '../state/worded';
import { Field } from '../../../controls/field';
import { LengthNumber } from '../../../controls/length-number';
import { UnitNumber } from '../../../controls/unit-number';
import { PotInHand } from './pot-in-hand';
import styles from './questions.module.css';
import { Button } from '../../../controls/button';
import { newId } from '../../../data/browser/new-id';

const potOptions = vesselCatalogue
  .filter((kind) => kind.vessel === 'pot')
  .map((kind) => ({ value: kind.id, label: kind.name }));

const isCleanPot = ({ data: { thing } }: StockRow): boolean => thing.kind === 'pot' && thing.used !== 'to be washed';

export function PotFields() {
  const answers = useCase((state) => state.answers);
  const plantName = useCase((state) => state.plantName);
  const faultAt = useFaultAt();
  const stock = useStock();
  const { ownPots, mediaAtHand } = useAtHand(plantName || null);
  const pots = stock?.items.filter(isCleanPot) ?? [];
  const isOnly = answers.ownPots !== undefined;
  const isFromStock = isOnly && answers.mediaAtHand !== undefined;
  const useOnly = (on: boolean) => answer({ ownPots: on ? ownPots : undefined });
  const fromStock = (on: boolean) =>
    answer(
      on
        ? {
            ...(ownPots.length > 0 ? { ownPots } : {}),
            ...(mediaAtHand.length > 0 ? { mediaAtHand: [...mediaAtHand] } : {}),
          }
        : { ownPots: undefined, mediaAtHand: undefined },
    );
  return (
    <div className={`entry ${styles.questions}`}>
      <PotInHand />
      <Field id="years-wanted" label="Years before the next repotting" fault={faultAt('yearsWanted')}>
        <UnitNumber
          id="years-wanted"
          value={answers.yearsWanted}
          placeholder="as the medium allows"
          suffix="years"
          step={1}
          hasFault={faultAt('yearsWanted') !== null}
          onChange={(yearsWanted) => answer({ yearsWanted })}
        />
      </Field>
      <Field id="certainty" label="How surely it stays inside the rim so long" fault={faultAt('certaintyPct')}>
        <UnitNumber
          id="certainty"
          value={answers.certaintyPct}
          placeholder="50"
          suffix="%"
          step={10}
          hasFault={faultAt('certaintyPct') !== null}
          onChange={(certaintyPct) => answer({ certaintyPct })}
        />
      </Field>
      <Field id="shelf-room" label="Widest pot that has room on its shelf" fault={faultAt('shelfRoomCm')}>
        <LengthNumber
          id="shelf-room"
          valueCm={answers.shelfRoomCm}
          placeholder="any"
          hasFault={faultAt('shelfRoomCm') !== null}
          onChange={(shelfRoomCm) => answer({ shelfRoomCm })}
        />
      </Field>
      <h3>What I have in stock</h3>
      <label className={styles.switch}>
        <Switch
          id="from-stock"
          checked={isFromStock}
          disabled={stock !== undefined && ownPots.length === 0 && mediaAtHand.length === 0 && !isFromStock}
          onChange={fromStock}
        />{' '}
        From my stock first: pots and media I have
      </label>
      <label className={styles.switch}>
        <Switch checked={isOnly} disabled={ownPots.length === 0 && !isOnly} onChange={useOnly} /> Propose only these
        pots
      </label>
      <ul className={styles.ownList}>
        {pots.map((row) => (
          <PotRow key={row.id} row={row} />
        ))}
      </ul>
      <UnreadableNote kept={stock?.unreadable ?? []} />
      <p className={styles.hint}>
        Count, change and buy on the page <PageLink href="/stock">Stock</PageLink>.
      </p>
      <PotForm />
    </div>
  );
}

function PotRow({ row }: { readonly row: StockRow }) {
  const { units } = useUnits();
  const { putAway } = useStockWork();
  const { thing } = row.data;
  const name = thingText(thing, units);
  const depth = thing.kind === 'pot' && thing.heightCm ? `, ${cm(thing.heightCm, units)} deep` : '';
  return (
    <li>
      <span>
        {stockAmountText(thing, Math.max(0, row.amount))} × {name}
        {depth}
      </span>
      <Button kind="quiet" icon={<DeleteOutlined />} aria-label={`Delete ${name}`} onClick={() => void putAway(row)} />
    </li>
  );
}

interface RawPot {
  readonly potKindId: string;
  readonly rimDiameterCm: number | null;
  readonly heightCm: number | null;
  readonly baseDiameterCm: number | null;
  readonly count: number | null;
}

const emptyPot: RawPot = {
  potKindId: 'plastic-round',
  rimDiameterCm: null,
  heightCm: null,
  baseDiameterCm: null,
  count: 1,
};

function PotForm() {
  const { add } = useStockWork();
  const [pot, setPot] = useState<RawPot>(emptyPot);
  const [idempotencyKey, setKey] = useState(() => newId());
  const [fault, setFault] = useState<string | null>(null);
  const keep = async () => {
    const { count, ...measures } = pot;
    const given = Object.fromEntries(Object.entries(measures).filter(([, value]) => value !== null));
    const parsed = parseWith(stockItemSchema, { thing: { kind: 'pot', ...given } });
    if (parsed.status === 'faulty') return setFault(parsed.faults[0]?.message ?? 'cannot be used');
    if (count === null || count < 0) return setFault('Say how many there are: 0 or more.');
    const refused = await add({ item: parsed.value, amount: count, happenedOn: today(), idempotencyKey });
    if (refused === null) {
      setPot(emptyPot);
      setKey(newId());
    }
    return setFault(refused);
  };
  const length = (key: 'rimDiameterCm' | 'heightCm' | 'baseDiameterCm', label: string) => (
    <Field id={`own-${key}`} label={label}>
      <LengthNumber
        id={`own-${key}`}
        valueCm={pot[key]}
        onChange={(valueCm) => setPot({ ...pot, [key]: valueCm ?? null })}
      />
    </Field>
  );
  return (
    <div className={styles.newOwn}>
      <Field id="own-kind" label="Another pot">
        <Select
          id="own-kind"
          value={pot.potKindId}
          options={potOptions}
          onChange={(potKindId) => setPot({ ...pot, potKindId })}
        />
      </Field>
      <div className={styles.pair}>
        {length('rimDiameterCm', 'Rim, inside')}
        {length('heightCm', 'Depth (if measured)')}
        {length('baseDiameterCm', 'Base (if measured)')}
        <Field id="own-count" label="How many">
          <InputNumber
            id="own-count"
            style={{ width: '100%' }}
            value={pot.count}
            onChange={(count) => setPot({ ...pot, count })}
          />
        </Field>
      </div>
      {fault ? (
        <p role="alert" className={styles.fault}>
          {fault}
        </p>
      ) : null}
      <Button onClick={() => void keep()}>Put it on my shelf</Button>
    </div>
  );
}
