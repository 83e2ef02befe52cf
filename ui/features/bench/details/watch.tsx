'use client';

/** A plant that must wait goes on the watch list: when to look again, and one touch to be reminded. */
import { onWatchList } from '@core/words';
import dayjs from 'dayjs';
import { useState } from 'react';
import { genusOf, type Timing, signWatchFor } from '@core';
import { Button } from '../../../controls/button';
import { dayOfYear, daysOn, today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { useSaveSignCheck } from '../../../data/plants';
import { useKeep } from '../../../data/use-keep';
import { setPlant } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import styles from './details.module.css';
import { newId } from '../../../data/browser/new-id';

export function Watch({ timing }: { readonly timing: Timing }) {
  const planCase = usePlanned((state) => state.planCase);
  const plantId = useCase((state) => state.plantId);
  const plantName = useCase((state) => state.plantName);
  const [name, setName] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  // One key for this button: a double tap is one look.
  const [idempotencyKey, setKey] = useState(() => newId());
  const saving = useSaveSignCheck();
  const keepIt = useKeep();
  const waiting = signWatchFor(timing, dayOfYear(dayjs()));
  if (!waiting || !planCase) return null;
  const { sign, risk, daysToCheck } = waiting;
  const lookOn = daysOn(daysToCheck);

  const watch = async (tag: string) => {
    setFault(null);
    const form = {
      plantId,
      plantName: tag,
      planCase,
      lookedOn: today(),
      sign,
      risk,
      answer: 'waiting',
      lookOn,
    } as const;
    const outcome = await keepIt(() => saving.mutateAsync({ ...form, idempotencyKey }));
    if (outcome.status === 'refused') return setFault(outcome.message);
    setName(null);
    setKey(newId());
    if (outcome.status !== 'kept') return undefined;
    const { id, name: kept, version } = outcome.value;
    setPlant(id, kept, version);
    messages.success(onWatchList(kept));
    return undefined;
  };

  return (
    <div className={styles.watch}>
      <span>Look again on {dayjs(lookOn).format('D MMMM')}.</span>
      {name === null ? (
        <Button
          isBusy={saving.isPending}
          onClick={() => (plantId === null ? setName(plantName || genusOf(planCase).name) : void watch(plantName))}
        >
          Watch for it
        </Button>
      ) : (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            void watch(name);
          }}
        >
          <label>
            Name on the tag
            <input value={name} maxLength={120} autoFocus onChange={(event) => setName(event.target.value)} />
          </label>
          <Button kind="main" isSubmit isBusy={saving.isPending}>
            Watch for it
          </Button>
        </form>
      )}
      {fault ? (
        <p role="alert" className={styles.fault}>
          {fault}
        </p>
      ) : null}
    </div>
  );
}
