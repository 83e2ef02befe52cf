'use client';

/** Years of room, and the pots on the grower's own shelf. */
import { InputNumber, Select, Switch } from 'antd';
import { useState } from 'react';
import { ownPotSchema, potKindById, vesselCatalogue } from '@core';
import { cm, number, parseWith } from '@core/words';
import { OwnRow } from '../../../controls/own-row';
import { UnreadableNote } from '../../../controls/unreadable-note';
import { useChangeOwn, useOwn, usePutAway, useSaveOwn, useUnreadableOwn } from '../../../data/own';
import { useUnits } from '../../../data/units-context';
import { useKeep } from '../../../data/use-keep';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { useFaultAt } from '../state/worded';
import { Field } from '../../../controls/field';
import { LengthNumber } from '../../../controls/length-number';
import { UnitNumber } from '../../../controls/unit-number';
import type { OwnEntry } from '@server/own/schemas';
import styles from './questions.module.css';
import { Button } from '../../../controls/button';

const potOptions = vesselCatalogue
  .filter((kind) => kind.vessel === 'pot')
  .map((kind) => ({ value: kind.id, label: kind.name }));

export function PotFields() {
  const { units } = useUnits();
  const answers = useCase((state) => state.answers);
  const faultAt = useFaultAt();
  const pots = useOwn('pot');
  const unreadable = useUnreadableOwn('pot');
  const { putAway, undo } = usePutAway('pot');
  const [changing, setChanging] = useState<OwnEntry<'pot'> | null>(null);
  const isOnly = answers.ownPots !== undefined;
  const useOnly = (on: boolean) => answer({ ownPots: on ? pots.map((item) => item.data) : undefined });
  return (
    <div className={styles.questions}>
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
      <h3>Pots on my shelf</h3>
      <label className={styles.switch}>
        <Switch checked={isOnly} disabled={pots.length === 0 && !isOnly} onChange={useOnly} /> Propose only these
      </label>
      <ul className={styles.ownList}>
        {pots.map((entry) => (
          <OwnRow
            key={entry.id}
            kind="pot"
            entry={entry}
            name={`${potKindById(entry.data.potKindId).name} ${entry.data.rimDiameterCm} cm`}
            tell={(pot) =>
              `${number(pot.count, 0)} × ${potKindById(pot.potKindId).name}, rim ${cm(pot.rimDiameterCm, units)}${pot.heightCm ? `, ${cm(pot.heightCm, units)} deep` : ''}`
            }
            onChange={() => setChanging(entry)}
            onPutAway={() => putAway(entry.id)}
          />
        ))}
      </ul>
      {undo ? <Button onClick={undo}>Undo</Button> : null}
      <UnreadableNote kept={unreadable} />
      <PotForm key={changing?.id ?? 'new'} changing={changing} onDone={() => setChanging(null)} />
    </div>
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

interface PotFormProps {
  /** The pot that is changed; null for a new one. */
  readonly changing: OwnEntry<'pot'> | null;
  readonly onDone: () => void;
}

function PotForm({ changing, onDone }: PotFormProps) {
  const save = useSaveOwn('pot');
  const change = useChangeOwn('pot');
  const keepIt = useKeep();
  const [pot, setPot] = useState<RawPot>(changing ? { ...emptyPot, ...changing.data } : emptyPot);
  const [fault, setFault] = useState<string | null>(null);
  const keep = async () => {
    const given = Object.fromEntries(Object.entries(pot).filter(([, value]) => value !== null));
    const parsed = parseWith(ownPotSchema, given);
    if (parsed.status === 'faulty') {
      setFault(parsed.faults[0]?.message ?? 'cannot be used');
      return;
    }
    const kept = await keepIt(() =>
      changing ? change.mutateAsync({ seen: changing, data: parsed.value }) : save.mutateAsync(parsed.value),
    );
    if (kept.status !== 'refused') {
      setPot(emptyPot);
      onDone();
    }
    setFault(kept.status === 'refused' ? kept.message : null);
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
      <Field id="own-kind" label={changing ? 'Change this pot' : 'Another pot'}>
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
      <Button onClick={() => void keep()}>{changing ? 'Keep the change' : 'Put it on my shelf'}</Button>
      {changing ? <Button onClick={onDone}>Leave it as it was</Button> : null}
    </div>
  );
}
