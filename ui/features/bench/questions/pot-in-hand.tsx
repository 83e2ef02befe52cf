'use client';

/** One pot in the hand: said in two touches, it is what the plan is made for. */
import { useState } from 'react';
import { potKindById, vesselCatalogue } from '@core';
import { cm, lowerFirst } from '@core/words';
import { Button } from '../../../controls/button';
import { Field } from '../../../controls/field';
import { LengthNumber } from '../../../controls/length-number';
import { useUnits } from '../../../data/units-context';
import { answer } from '../state/actions';
import { useCase } from '../state/case-store';
import styles from './questions.module.css';

const pots = vesselCatalogue.filter((kind) => kind.vessel === 'pot');

interface OnePot {
  readonly potKindId: string;
  readonly rimDiameterCm: number;
}

export function PotInHand() {
  const { units } = useUnits();
  const ownPots = useCase((state) => state.answers.ownPots) as readonly OnePot[] | undefined;
  const [kindId, setKind] = useState('plastic-round');
  const only = ownPots?.length === 1 ? ownPots[0]! : null;
  const planFor = (rimDiameterCm: number | undefined, potKindId = kindId) => {
    if (rimDiameterCm !== undefined) answer({ ownPots: [{ potKindId, rimDiameterCm, count: 1 }] });
  };
  return (
    <div className={styles.pair}>
      <Field id="hand-kind" label="This pot in my hand">
        <select
          id="hand-kind"
          value={only?.potKindId ?? kindId}
          onChange={(event) => {
            setKind(event.target.value);
            planFor(only?.rimDiameterCm, event.target.value);
          }}
        >
          {pots.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </Field>
      <Field id="hand-rim" label="Its rim, inside">
        <LengthNumber
          id="hand-rim"
          valueCm={only?.rimDiameterCm}
          placeholder="any pot"
          step={1}
          onChange={(rimDiameterCm) =>
            rimDiameterCm === undefined ? answer({ ownPots: undefined }) : planFor(rimDiameterCm)
          }
        />
      </Field>
      {only ? (
        <p className={styles.hint}>
          Planned for this one: {lowerFirst(potKindById(only.potKindId).name)} {cm(only.rimDiameterCm, units)}.{' '}
          <Button kind="link" onClick={() => answer({ ownPots: undefined })}>
            Any pot
          </Button>
        </p>
      ) : null}
    </div>
  );
}
