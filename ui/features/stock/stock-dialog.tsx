'use client';

/** A new thing in stock, or what is said of one that is there: what it is, when it is little, what it costs. */
import { useState } from 'react';
import {
  mediaCatalogue,
  stockItemSchema,
  type StockThing,
  stockUnitOf,
  sundryKinds,
  usesLeftOf,
  vesselCatalogue,
} from '@core';
import { parseWith, thingText } from '@core/words';
import type { StockRow } from '@server/records/stock/schemas';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { LengthNumber } from '../../controls/length-number';
import { KeepDialog } from '../../controls/keep-dialog';
import { today } from '../../data/dates';
import { useLibrary } from '../../data/library';
import { useStockWork } from '../../data/stock';
import { useUnits } from '../../data/units-context';
import styles from './stock.module.css';
import { newId } from '../../data/browser/new-id';

const kinds = [
  { value: 'medium', label: 'Medium' },
  { value: 'pot', label: 'Pot' },
  { value: 'mount', label: 'Mount' },
  { value: 'sundry', label: 'Other' },
] as const;
type Kind = StockThing['kind'];

const usedMediumWords = {
  'same plant': 'used, for the same plant',
  boiled: 'used, boiled',
  crocking: 'used, for crocking',
};

interface StockDialogProps {
  /** What is changed; null for something new. */
  readonly row: StockRow | null;
  readonly currency: string;
  readonly onClose: () => void;
}

const toNumber = (typed: string): number | undefined =>
  typed.trim() === '' ? undefined : Number(typed.replace(',', '.'));
const typedOf = (value: number | undefined): string => (value === undefined ? '' : String(value));

/** Without what was left empty. */
const said = <T extends object>(fields: T): object =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined && value !== ''));

export function StockDialog({ row, currency: currencyFirst, onClose }: StockDialogProps) {
  const { units } = useUnits();
  const [thing, setThing] = useState<StockThing | object>(row?.data.thing ?? { kind: 'medium', mediumId: 'bark-6-12' });
  const [amount, setAmount] = useState('');
  const [lowAt, setLowAt] = useState(typedOf(row?.data.lowAt));
  const [bagL, setBagL] = useState(typedOf(row?.data.bagL));
  const [price, setPrice] = useState(typedOf(row?.data.price?.amount));
  const [currency, setCurrency] = useState(row?.data.price?.currency ?? currencyFirst);
  const [note, setNote] = useState(row?.data.note ?? '');
  const [fault, setFault] = useState<string | null>(null);
  // One key for this dialog: a double tap is one thing.
  const [idempotencyKey] = useState(() => newId());
  const { add, change, putAway, isBusy } = useStockWork();
  const isMedium = (thing as StockThing).kind === 'medium';

  const keep = async () => {
    const item = said({
      thing: said(thing),
      lowAt: toNumber(lowAt),
      bagL: isMedium ? toNumber(bagL) : undefined,
      price: price === '' ? undefined : { amount: toNumber(price), currency: currency.toUpperCase() },
      note,
    });
    const parsed = parseWith(stockItemSchema, item);
    if (parsed.status === 'faulty') return setFault(parsed.faults[0]?.message ?? 'cannot be used');
    const count = toNumber(amount);
    if (row === null && !(count !== undefined && count >= 0)) return setFault('Say how much there is: 0 or more.');
    const refused =
      row === null
        ? await add({ item: parsed.value, amount: count!, happenedOn: today(), idempotencyKey })
        : await change(row, parsed.value);
    if (refused !== null) return setFault(refused);
    return onClose();
  };

  return (
    <KeepDialog
      title={row ? thingText(row.data.thing, units) : 'Into stock'}
      isBusy={isBusy}
      fault={fault}
      onKeep={() => void keep()}
      onClose={onClose}
    >
      {row ? null : <ThingFields thing={thing as StockThing} onThing={setThing} />}
      {row ? null : (
        <label>
          How much there is, {isMedium ? 'litres' : 'pieces'}
          <input inputMode="decimal" value={amount} maxLength={9} onChange={(event) => setAmount(event.target.value)} />
        </label>
      )}
      <label>
        Little is, {stockUnitOf(thing as StockThing) === 'L' ? 'litres' : 'pieces'}
        <input inputMode="decimal" value={lowAt} maxLength={9} onChange={(event) => setLowAt(event.target.value)} />
      </label>
      {isMedium ? (
        <label>
          A bag holds, litres
          <input inputMode="decimal" value={bagL} maxLength={6} onChange={(event) => setBagL(event.target.value)} />
        </label>
      ) : null}
      <div className={styles.price}>
        <label>
          {priceLabel(isMedium, bagL)}
          <input inputMode="decimal" value={price} maxLength={9} onChange={(event) => setPrice(event.target.value)} />
        </label>
        <label>
          Currency
          <input
            value={currency}
            maxLength={3}
            autoCapitalize="characters"
            onChange={(event) => setCurrency(event.target.value)}
          />
        </label>
      </div>
      <label>
        Note
        <input value={note} maxLength={500} onChange={(event) => setNote(event.target.value)} />
      </label>
      {row ? (
        <Button
          onClick={() => {
            onClose();
            void putAway(row);
          }}
        >
          I keep none of this any more
        </Button>
      ) : null}
    </KeepDialog>
  );
}

function priceLabel(isMedium: boolean, bagL: string): string {
  if (!isMedium) return 'Price of one';
  return bagL.trim() === '' ? 'Price of a litre' : 'Price of a bag';
}

interface ThingFieldsProps {
  readonly thing: StockThing;
  readonly onThing: (thing: object) => void;
}

const firstOf: Readonly<Record<Kind, object>> = {
  medium: { kind: 'medium', mediumId: 'bark-6-12' },
  pot: { kind: 'pot', potKindId: 'plastic-round' },
  mount: { kind: 'mount', mountKindId: vesselCatalogue.find(({ vessel }) => vessel === 'mount')!.id },
  sundry: { kind: 'sundry', sundry: 'wick' },
};

function ThingFields({ thing, onThing }: ThingFieldsProps) {
  return (
    <>
      <Choice label="What" options={kinds} value={thing.kind} onChange={(kind: Kind) => onThing(firstOf[kind])} />
      {thing.kind === 'medium' ? <MediumFields thing={thing} onThing={onThing} /> : null}
      {thing.kind === 'pot' || thing.kind === 'mount' ? <VesselFields thing={thing} onThing={onThing} /> : null}
      {thing.kind === 'sundry' ? (
        <>
          <label>
            Which
            <select value={thing.sundry} onChange={(event) => onThing({ ...thing, sundry: event.target.value })}>
              {sundryKinds.map((name) => (
                <option key={name}>{name}</option>
              ))}
            </select>
          </label>
          <label>
            {thing.sundry === 'other' ? 'Its name' : 'Which exactly (if it matters)'}
            <input
              value={thing.ownName ?? ''}
              maxLength={60}
              onChange={(event) => onThing({ ...thing, ownName: event.target.value || undefined })}
            />
          </label>
        </>
      ) : null}
    </>
  );
}

type FieldsOf<K extends Kind> = {
  readonly thing: Extract<StockThing, { kind: K }>;
  readonly onThing: (thing: object) => void;
};

function MediumFields({ thing, onThing }: FieldsOf<'medium'>) {
  const own = useLibrary('medium').map(({ data }) => data);
  const left = usesLeftOf(thing.mediumId);
  const choose = (value: string) => {
    const mine = own.find(({ name }) => `own:${name}` === value);
    onThing(mine ? { kind: 'medium', mediumId: mine.likeId, ownName: mine.name } : { kind: 'medium', mediumId: value });
  };
  return (
    <>
      <label>
        Which
        <select
          value={thing.ownName === undefined ? thing.mediumId : `own:${thing.ownName}`}
          onChange={(event) => choose(event.target.value)}
        >
          {own.map(({ name }) => (
            <option key={name} value={`own:${name}`}>
              {name} (yours)
            </option>
          ))}
          {mediaCatalogue.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {left.length > 0 ? (
        <label>
          New or used
          <select
            value={thing.used ?? ''}
            onChange={(event) => onThing({ ...thing, used: event.target.value || undefined, usedWith: undefined })}
          >
            <option value="">new</option>
            {left.map((use) => (
              <option key={use} value={use}>
                {usedMediumWords[use]}
              </option>
            ))}
          </select>
          <small>
            Used pieces never go back among the new. Boiling: air the room, never leave it alone, beware of steam.
          </small>
        </label>
      ) : null}
      {thing.used === 'same plant' ? (
        <label>
          Which plant it came from
          <input
            value={thing.usedWith ?? ''}
            maxLength={120}
            onChange={(event) => onThing({ ...thing, usedWith: event.target.value || undefined })}
          />
        </label>
      ) : null}
    </>
  );
}

function VesselFields({ thing, onThing }: FieldsOf<'pot' | 'mount'>) {
  const isPot = thing.kind === 'pot';
  const idField = isPot ? 'potKindId' : 'mountKindId';
  const length = (field: 'rimDiameterCm' | 'heightCm' | 'baseDiameterCm' | 'widthCm', label: string) => (
    <label htmlFor={`stock-${field}`}>
      {label}
      <LengthNumber
        id={`stock-${field}`}
        valueCm={(thing as Readonly<Record<string, unknown>>)[field]}
        onChange={(valueCm) => onThing({ ...thing, [field]: valueCm })}
      />
    </label>
  );
  return (
    <>
      <label>
        Which
        <select
          value={thing.kind === 'pot' ? thing.potKindId : thing.mountKindId}
          onChange={(event) => onThing({ ...thing, [idField]: event.target.value })}
        >
          {vesselCatalogue
            .filter(({ vessel }) => vessel === thing.kind)
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
        </select>
      </label>
      {isPot ? (
        <>
          {length('rimDiameterCm', 'Rim, inside')}
          {length('heightCm', 'Depth (if measured)')}
          {length('baseDiameterCm', 'Base (if measured)')}
        </>
      ) : (
        length('widthCm', 'How wide')
      )}
      <label>
        New or used
        <select
          value={thing.used ?? ''}
          onChange={(event) => onThing({ ...thing, used: event.target.value || undefined })}
        >
          <option value="">new</option>
          <option value="washed">used, washed</option>
          <option value="to be washed">used, to be washed</option>
        </select>
      </label>
    </>
  );
}
