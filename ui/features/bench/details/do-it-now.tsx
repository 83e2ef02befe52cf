'use client';

/** Runs the potting of this one plant at once, with the large steps of a potting day. */
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { genusOf } from '@core';
import { Button } from '../../../controls/button';
import { client, type PlanForm } from '../../../data/client';
import { today } from '../../../data/dates';
import { messages } from '../../../data/messages';
import { useKeptOfPlant } from '../../../data/plants';
import { useKeep } from '../../../data/use-keep';
import { newId } from '../../../data/browser/new-id';
import { useMakeDay } from '../../../potting/use-make-day';
import { setPlant } from '../state/actions';
import { useCase } from '../state/case-store';
import { usePlanned } from '../state/plan-store';
import { useSpec } from '../state/worded';

export function DoItNow() {
  const planCase = usePlanned((state) => state.planCase);
  const spec = useSpec();
  const router = useRouter();
  const keepIt = useKeep();
  const changed = useKeptOfPlant();
  const { make, isBusy } = useMakeDay();
  const [isKeeping, setKeeping] = useState(false);
  // Touched twice, it is one plan.
  const [idempotencyKey, setKey] = useState(() => newId());
  if (!planCase || !spec) return null;
  const begin = async () => {
    const { plantId, plantName } = useCase.getState();
    setKeeping(true);
    const form = {
      plantId,
      idempotencyKey,
      plantName: plantName || genusOf(planCase).name,
      planCase,
      spec,
      note: '',
      plannedOn: today(),
      // It gets a day of its own: for a date it would join another one too.
      forOn: null,
    } as PlanForm;
    const outcome = await keepIt(() => client.savePlan(form));
    setKeeping(false);
    if (outcome.status === 'refused') return messages.error(outcome.message);
    if (outcome.status !== 'kept') return undefined;
    setKey(newId());
    const { id, name, version } = outcome.value;
    setPlant(id, name, version);
    await changed();
    const dayId = await make(today(), [id]);
    if (dayId !== null) router.push(`/days/${dayId}/run`);
    return undefined;
  };
  return (
    <Button isLarge isBusy={isKeeping || isBusy} onClick={() => void begin()}>
      Do it now
    </Button>
  );
}
