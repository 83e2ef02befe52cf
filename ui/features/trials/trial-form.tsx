'use client';

/** A trial set up or changed: what is asked, which plants, and who stands on which side, best by lot. */
import { useState } from 'react';
import { measureKinds, type Trial, type TrialMeasure, trialMeasures } from '@core';
import { measureNames, sideOf, spreadLabel, mattersLabel } from '@core/words';
import type { PlantSummary } from '@server/projections/plants/schemas';
import type { TrialRow } from '@server/projections/trials/schemas';
import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import { today } from '../../data/dates';
import { useTrialWork } from '../../data/trials';
import { byLot } from './lots';
import styles from './trials.module.css';

interface TrialFormProps {
  readonly row: TrialRow | null;
  readonly plants: readonly Pick<PlantSummary, 'id' | 'name' | 'genusId'>[];
  readonly chosenIds: readonly string[];
  readonly onClose: () => void;
}

const MOST_SIDES = 4;
const figureRange = { min: 0, max: 1000 };

function startOf(chosenIds: readonly string[]): Trial {
  const { matters, spread } = measureKinds.held;
  const [one, other] = byLot(chosenIds, 2, Math.random);
  return {
    name: '',
    measure: 'held',
    matters,
    spread,
    begunOn: today(),
    sides: [
      { name: 'In a pot', plantIds: [...one!] },
      { name: 'On a mount', plantIds: [...other!] },
    ],
    note: '',
  };
}

export function TrialForm({ row, plants, chosenIds, onClose }: TrialFormProps) {
  const [trial, setTrial] = useState<Trial>(() => row?.data ?? startOf(chosenIds));
  const [fault, setFault] = useState<string | null>(null);
  const { isBusy, save } = useTrialWork();
  const { name, sides, note } = trial;
  const change = (patch: Partial<Trial>) => setTrial((before) => ({ ...before, ...patch }));
  const taking = sides.flatMap(({ plantIds }) => plantIds);
  const setSide = (id: string, to: number | null) =>
    change({
      sides: sides.map((side, n) => {
        const others = side.plantIds.filter((one) => one !== id);
        return { ...side, plantIds: n === to ? [...others, id] : others };
      }),
    });
  const deal = () => {
    const dealt = byLot(taking, sides.length, Math.random);
    change({ sides: sides.map((side, n) => ({ ...side, plantIds: [...dealt[n]!] })) });
  };
  const keep = async () => {
    const refused = await save({ ...trial, name: name.trim(), note: note.trim() }, row);
    if (refused === null) onClose();
    else setFault(refused);
  };
  return (
    <section aria-label={row ? 'Change the trial' : 'A new trial'} className={`entry ${styles.form}`}>
      <TrialQuestion trial={trial} onChange={change} />
      <div className={styles.fields}>
        {sides.map((side, n) => (
          <label key={n}>
            Side {n + 1} ({side.plantIds.length})
            <input
              value={side.name}
              maxLength={60}
              onChange={(event) =>
                change({ sides: sides.map((one, k) => (k === n ? { ...one, name: event.target.value } : one)) })
              }
            />
          </label>
        ))}
        {sides.length < MOST_SIDES ? (
          <Button onClick={() => change({ sides: [...sides, { name: `Side ${sides.length + 1}`, plantIds: [] }] })}>
            One side more
          </Button>
        ) : null}
        <Button disabled={taking.length < 2} onClick={deal}>
          Deal by lot
        </Button>
      </div>
      <TrialPlants sides={sides} plants={plants} onSide={setSide} />
      <label className={styles.wide}>
        Note
        <textarea rows={2} value={note} maxLength={2000} onChange={(event) => change({ note: event.target.value })} />
      </label>
      {fault ? <p role="alert">{fault}</p> : null}
      <div className={styles.actions}>
        <Button kind="main" isLarge isBusy={isBusy} disabled={name.trim() === ''} onClick={() => void keep()}>
          Keep it
        </Button>
        <Button isLarge onClick={onClose}>
          Not now
        </Button>
      </div>
    </section>
  );
}

interface TrialQuestionProps {
  readonly trial: Trial;
  readonly onChange: (patch: Partial<Trial>) => void;
}

/** What is asked, how it is measured, and what counts as a difference. */
function TrialQuestion({ trial, onChange }: TrialQuestionProps) {
  const { name, measure, matters, spread, begunOn } = trial;
  const setMeasure = (wanted: TrialMeasure) => {
    const { matters: newMatters, spread: newSpread } = measureKinds[wanted];
    onChange({ measure: wanted, matters: newMatters, spread: newSpread });
  };
  return (
    <div className={styles.fields}>
      <label className={styles.wide}>
        What is asked
        <input
          value={name}
          maxLength={80}
          placeholder="Do moth orchids root better in bark or in pumice?"
          onChange={(event) => onChange({ name: event.target.value })}
        />
      </label>
      <label>
        Measure
        <select value={measure} onChange={(event) => setMeasure(event.target.value as TrialMeasure)}>
          {trialMeasures.map((one) => (
            <option key={one} value={one}>
              {measureNames[one]}
            </option>
          ))}
        </select>
      </label>
      <label>
        Since
        <input type="date" value={begunOn} onChange={(event) => onChange({ begunOn: event.target.value || begunOn })} />
      </label>
      <NumberField
        label={mattersLabel(measureKinds[measure].isShare ? null : measureKinds[measure].unit)}
        value={matters}
        step={measureKinds[measure].isShare ? 0.05 : 0.5}
        range={figureRange}
        onChange={(value) => onChange({ matters: value })}
      />
      {measureKinds[measure].isShare ? null : (
        <NumberField
          label={spreadLabel(measureKinds[measure].unit)}
          value={spread}
          step={0.5}
          range={figureRange}
          onChange={(value) => onChange({ spread: value })}
        />
      )}
    </div>
  );
}

interface TrialPlantsProps {
  readonly sides: Trial['sides'];
  readonly plants: TrialFormProps['plants'];
  /** to: which side; null takes the plant out. */
  readonly onSide: (id: string, to: number | null) => void;
}

/** Who is in it, on which side, and who may join. */
function TrialPlants({ sides, plants, onSide }: TrialPlantsProps) {
  const taking = sides.flatMap(({ plantIds }) => plantIds);
  const nameOf = new Map(plants.map((plant) => [plant.id, plant.name]));
  return (
    <>
      <ul className={styles.taking}>
        {taking.map((id) => (
          <li key={id}>
            <span>{nameOf.get(id) ?? 'a plant that is deleted'}</span>
            <select
              aria-label={sideOf(nameOf.get(id) ?? 'a plant')}
              value={sides.findIndex(({ plantIds }) => plantIds.includes(id))}
              onChange={(event) => onSide(id, event.target.value === '' ? null : Number(event.target.value))}
            >
              {sides.map((side, n) => (
                <option key={n} value={n}>
                  {side.name}
                </option>
              ))}
              <option value="">not in it</option>
            </select>
          </li>
        ))}
      </ul>
      <label className={styles.add}>
        One plant more
        <select
          value=""
          onChange={(event) => {
            const smallest = sides.reduce(
              (least, side, n) => (side.plantIds.length < sides[least]!.plantIds.length ? n : least),
              0,
            );
            if (event.target.value) onSide(event.target.value, smallest);
          }}
        >
          <option value="">choose…</option>
          {plants
            .filter(({ id }) => !taking.includes(id))
            .map((plant) => (
              <option key={plant.id} value={plant.id}>
                {plant.name}
              </option>
            ))}
        </select>
      </label>
    </>
  );
}
