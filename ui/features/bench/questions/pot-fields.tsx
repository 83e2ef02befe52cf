'use client';

/** Years of room, and the pots on the grower's own shelf. */
import { DeleteOutlined } from '@ant-design/icons';
import { Button, InputNumber, Select, Switch } from 'antd';
import { useState } from 'react';
import { cmToInch, inchToCm, ownPotSchema, potKindById, vesselCatalogue } from '@core';
import { cm, number, parseWith, type WordUnits } from '@core/words';
import { UnreadableNote } from '../../../controls/unreadable-note';
import { useOwn, usePutAway, useSaveOwn, useUnreadableOwn } from '../../../data/own';
import { useUnits } from '../../../data/units-context';
import { useKeep } from '../../../data/use-keep';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import { useFaultAt } from '../state/worded';
import { Field } from '../../../controls/field';
import { UnitNumber } from '../../../controls/unit-number';
import styles from './questions.module.css';

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
      <h3>Pots on my shelf</h3>
      <label className={styles.switch}>
        <Switch checked={isOnly} disabled={pots.length === 0 && !isOnly} onChange={useOnly} /> Propose only these
      </label>
      <ul className={styles.ownList}>
        {pots.map(({ id, data }) => (
          <li key={id}>
            <span>
              {number(data.count, 0)} × {potKindById(data.potKindId).name}, rim {cm(data.rimDiameterCm, units)}
              {data.heightCm ? `, ${cm(data.heightCm, units)} deep` : ''}
            </span>
            <Button
              type="text"
              icon={<DeleteOutlined />}
              aria-label={`Put away ${potKindById(data.potKindId).name} ${data.rimDiameterCm} cm`}
              onClick={() => putAway(id)}
            />
          </li>
        ))}
      </ul>
      {undo ? <Button onClick={undo}>Undo</Button> : null}
      <UnreadableNote kept={unreadable} />
      <NewPot units={units} />
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

function NewPot({ units }: { readonly units: WordUnits }) {
  const save = useSaveOwn('pot');
  const keepIt = useKeep();
  const [pot, setPot] = useState<RawPot>(emptyPot);
  const [fault, setFault] = useState<string | null>(null);
  const isInch = units.length === 'inch';
  const keep = async () => {
    const given = Object.fromEntries(Object.entries(pot).filter(([, value]) => value !== null));
    const parsed = parseWith(ownPotSchema, given);
    if (parsed.status === 'faulty') {
      setFault(parsed.faults[0]?.message ?? 'cannot be used');
      return;
    }
    const kept = await keepIt(() => save.mutateAsync(parsed.value));
    if (kept.status !== 'refused') setPot(emptyPot);
    setFault(kept.status === 'refused' ? kept.message : null);
  };
  const length = (key: 'rimDiameterCm' | 'heightCm' | 'baseDiameterCm', label: string) => (
    <Field id={`own-${key}`} label={label}>
      <InputNumber
        id={`own-${key}`}
        style={{ width: '100%' }}
        value={pot[key] === null ? null : Math.round((isInch ? cmToInch(pot[key]) : pot[key]) * 10) / 10}
        suffix={isInch ? 'in' : 'cm'}
        onChange={(value) => setPot({ ...pot, [key]: value === null ? null : isInch ? inchToCm(value) : value })}
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
