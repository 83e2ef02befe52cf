'use client';

/** The end of an inspection: what was seen, what was not, what to do while it is out, and the way to the answer. */
import dayjs from 'dayjs';
import { useState } from 'react';
import { type Genus, type InspectionStep, thingsInspected, type PlanCase, toDoAfter, withInspection } from '@core';
import { wordToDo, keptWith } from '@core/words';
import { useSaveInspection } from '../../../data/plants';
import { messages } from '../../../data/messages';
import { useUnits } from '../../../data/units-context';
import { useKeep } from '../../../data/use-keep';
import { Button } from '../../../controls/button';
import { answer, setPlant } from '../state/actions';
import { useCase } from '../state/case-store';
import { endInspection, goTo, see, useInspect } from '../state/inspect-store';
import { PhotoRow } from '../../../controls/photographs';
import { useSeenPhotos } from './seen-photos';
import { seenAt, stepText } from './questions';
import styles from './inspect.module.css';

interface SummaryProps {
  readonly genus: Genus;
  readonly steps: readonly InspectionStep[];
}

/** The case on the bench takes over what was seen; signs of another day go. */
function takeOver(): PlanCase {
  const { answers } = useCase.getState();
  const planCase = withInspection(answers as PlanCase, useInspect.getState().seen);
  answer({ ...planCase, signs: planCase.signs });
  return planCase;
}

export function Summary({ genus, steps }: SummaryProps) {
  const photos = useSeenPhotos();
  const { seen, key } = useInspect();
  const { plantId, plantName } = useCase.getState();
  const [name, setName] = useState(plantName || genus.name);
  const [fault, setFault] = useState<string | null>(null);
  const { units } = useUnits();
  const saving = useSaveInspection();
  const keepIt = useKeep();
  const lines = steps.map((step) => ({ step, seen: seenAt(seen, thingsInspected(step, genus), units) }));
  const toDo = toDoAfter(seen, genus).map(wordToDo);

  const keep = async () => {
    setFault(null);
    const planCase = withInspection(useCase.getState().answers as PlanCase, seen);
    const inspectedOn = dayjs().format('YYYY-MM-DD');
    const outcome = await keepIt(() =>
      saving.mutateAsync({
        plantId,
        plantName: name,
        planCase,
        inspectedOn,
        inspection: seen,
        idempotencyKey: key,
      }),
    );
    if (outcome.status === 'refused') return setFault(outcome.message);
    takeOver();
    if (outcome.status === 'kept') {
      const { id, name: kept, version } = outcome.value;
      setPlant(id, kept, version);
      messages.success(keptWith(kept));
    }
    endInspection();
  };
  const onlyAnswer = () => {
    takeOver();
    endInspection();
  };

  return (
    <div className={styles.summary}>
      <section aria-label="What was seen">
        <Seen steps={steps} lines={lines} />
        <PhotoRow {...photos} />
      </section>
      <section aria-label="While it is out">
        {toDo.length > 0 ? <h3 className={styles.group}>While it is out</h3> : null}
        <ol className={styles.toDo}>
          {toDo.map(({ code, sentence, caution }) => (
            <li key={code}>
              {sentence} {caution ? <em>{caution}</em> : null}
            </li>
          ))}
        </ol>
        <label className={styles.name}>
          Note
          <textarea
            value={seen.note ?? ''}
            maxLength={2000}
            rows={2}
            onChange={(event) => see({ note: event.target.value === '' ? undefined : event.target.value })}
          />
        </label>
        {plantId === null ? (
          <label className={styles.name}>
            Name on the tag
            <input value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
          </label>
        ) : (
          <p>
            Goes into the life of <strong>{plantName}</strong>.
          </p>
        )}
        {fault ? (
          <p role="alert" className={styles.fault}>
            {fault}
          </p>
        ) : null}
        <div className={styles.ends}>
          <Button kind="main" isLarge isWide isBusy={saving.isPending} onClick={() => void keep()}>
            Keep it, and see the answer
          </Button>
          <Button isWide onClick={onlyAnswer}>
            Only see the answer
          </Button>
        </div>
      </section>
    </div>
  );
}

interface SeenProps {
  readonly steps: readonly InspectionStep[];
  readonly lines: readonly { readonly step: InspectionStep; readonly seen: readonly { readonly words: string }[] }[];
}

/** What was seen, step by step, and what was passed over; each leads back to its step. */
function Seen({ steps, lines }: SeenProps) {
  const found = lines.filter((line) => line.seen.length > 0);
  const skipped = lines.filter((line) => line.seen.length === 0);
  return (
    <>
      <h3 className={styles.group}>Seen</h3>
      {found.length === 0 ? <p className={styles.hint}>Nothing yet: every step was passed over.</p> : null}
      <ul className={styles.seen}>
        {found.map(({ step, seen: what }) => (
          <li key={step}>
            <button type="button" onClick={() => goTo(steps.indexOf(step))}>
              <b>{stepText[step].short}</b>
              <span>{what.map(({ words }) => words).join(' · ')}</span>
            </button>
          </li>
        ))}
      </ul>
      {skipped.length > 0 ? (
        <>
          <h3 className={styles.group}>Not looked at: it stays unknown</h3>
          <div className={styles.skipped}>
            {skipped.map(({ step }) => (
              <Button key={step} onClick={() => goTo(steps.indexOf(step))}>
                {stepText[step].short}
              </Button>
            ))}
          </div>
        </>
      ) : null}
    </>
  );
}
