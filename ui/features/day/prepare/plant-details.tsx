'use client';

/** What is done to one plant, step by step, and what can be changed of it: its setup, whether it may be sick, whether it comes at all. */
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type DayKept, type DayPlantAsked, type PlanCase, type SetupSpec, specId } from '@core';
import { minutesText, setupTitle, vesselText, type WordedDayPlant, nothingPlanned } from '@core/words';
import { Button } from '../../../controls/button';
import { loadDraft, storeDraft } from '../../../data/bench-draft';
import { client } from '../../../data/client';
import { today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { useUnits } from '../../../data/units-context';
import { messageOf } from '../../../data/worker/long-work';
import styles from '../day.module.css';
import { dayPlantOf } from '../../../potting/make-day';

type Asked = DayKept['plants'][number];

interface PlantDetailsProps {
  readonly plant: WordedDayPlant;
  readonly asked: Asked;
  readonly onChange: (patch: Partial<Asked>) => void;
  readonly onRemove: () => void;
  readonly onSetup: (setup: SetupSpec) => void;
  readonly choices: (plant: DayPlantAsked) => Promise<readonly SetupSpec[]>;
}

export function PlantDetails({ plant, asked, onChange, onRemove, onSetup, choices }: PlantDetailsProps) {
  const { units } = useUnits();
  const router = useRouter();
  const [offered, setOffered] = useState<readonly SetupSpec[] | null>(null);
  const [isAsking, setAsking] = useState(false);
  const ask = async () => {
    setAsking(true);
    try {
      setOffered(await choices(asked));
    } catch (error) {
      messages.error(messageOf(error));
    } finally {
      setAsking(false);
    }
  };
  /** What was planned on the bench since goes into the day. */
  const takePlan = async () => {
    setAsking(true);
    try {
      const planned = dayPlantOf(await client.plant(asked.id, today()), today())?.setup;
      if (planned) onSetup(planned as SetupSpec);
      else messages.info(nothingPlanned(asked.name));
    } catch (error) {
      messages.error(messageOf(error));
    } finally {
      setAsking(false);
    }
  };
  const toBench = () => {
    const before = loadDraft();
    storeDraft({
      answers: asked.case as PlanCase,
      chosenId: null,
      edited: (asked.setup as SetupSpec | undefined) ?? null,
      monthIndex: null,
      plantId: asked.id,
      plantName: asked.name,
      plantVersion: null,
      entry: null,
      whatIf: null,
      beside: before?.beside ?? [],
    });
    router.push('/');
  };
  return (
    <div className={styles.details}>
      {plant.potText ? <p className={styles.pot}>{plant.potText}</p> : null}
      <Steps steps={plant.stepTexts} />
      {plant.advice.length > 0 ? (
        <ul className={styles.advice}>
          {plant.advice.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      ) : null}
      {offered ? (
        <fieldset className={styles.offered}>
          <legend>It could go into</legend>
          {offered.map((spec) => (
            <label key={specId(spec)} className="tick">
              <input
                type="radio"
                name={`setup-${asked.id}`}
                checked={asked.setup !== undefined && specId(asked.setup as SetupSpec) === specId(spec)}
                onChange={() => onSetup(spec)}
              />
              <span>
                {setupTitle(spec, units)}, {vesselText(spec, units)}
              </span>
            </label>
          ))}
        </fieldset>
      ) : null}
      <div className={styles.actions}>
        <Button isBusy={isAsking} onClick={() => void ask()}>
          Another setup…
        </Button>
        <Button onClick={toBench}>Why, on the bench</Button>
        <Button isBusy={isAsking} onClick={() => void takePlan()}>
          As planned in its log
        </Button>
        <label className="tick">
          <input
            type="checkbox"
            checked={asked.isSuspect}
            onChange={(event) => onChange({ isSuspect: event.target.checked })}
          />
          May be sick
        </label>
        <Button kind="quiet" onClick={onRemove}>
          Not this day
        </Button>
      </div>
    </div>
  );
}

function Steps({ steps }: { readonly steps: WordedDayPlant['stepTexts'] }) {
  return (
    <ol className={styles.steps}>
      {steps.map(({ kind, name, sentence, minutes, isPassive, cautions }) => (
        <li key={kind}>
          <strong>{name}</strong>{' '}
          <small>
            {minutesText(minutes)}
            {isPassive ? ', by itself' : ''}
          </small>
          <p>{sentence}</p>
          {cautions.map((caution) => (
            <p key={caution} className={styles.caution}>
              <span aria-hidden="true">⚠ </span>
              {caution}
            </p>
          ))}
        </li>
      ))}
    </ol>
  );
}
