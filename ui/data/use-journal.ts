'use client';

/** Writing down what was done to plants: kept once, said, and taken back by one touch. */
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { client, type JournalForm } from './client';
import { messages } from './messages';
import { useKeep } from './use-keep';
import { messageOf } from './worker/long-work';
import { newId } from './browser/new-id';

/** Seconds in which it can be taken back on the spot. */
const UNDO_SECONDS = 12;

export interface QuickEntryOf {
  readonly id: string;
  readonly name: string;
}

/** What was done, without whom it was done to. */
export type Done = {
  [K in JournalForm['kind']]: Pick<Extract<JournalForm, { kind: K }>, 'kind' | 'happenedOn' | 'details'>;
}[JournalForm['kind']];

export const nameOfAll = (plants: readonly QuickEntryOf[]): string =>
  plants.length === 1 ? plants[0]!.name : `${plants.length} plants`;

/** keep: false where the server refused it; that is said. */
export function useJournal(): {
  readonly isBusy: boolean;
  readonly keep: (plants: readonly QuickEntryOf[], said: string, done: Done) => Promise<boolean>;
} {
  const queries = useQueryClient();
  const keepIt = useKeep();
  const [isBusy, setBusy] = useState(false);
  const keep = useCallback(
    async (plants: readonly QuickEntryOf[], said: string, done: Done) => {
      const title = `${nameOfAll(plants)}: ${said}`;
      const form = {
        ...done,
        plantIds: plants.map(({ id }) => id),
        idempotencyKey: newId(),
      } as JournalForm;
      const refresh = () => queries.invalidateQueries({ queryKey: ['plants'] });
      setBusy(true);
      const outcome = await keepIt(() => client.saveCare(title, form)).finally(() => setBusy(false));
      if (outcome.status === 'refused') {
        messages.error(outcome.message);
        return false;
      }
      if (outcome.status === 'waits') return true;
      const { batchId } = outcome.value;
      const takeBack = () => {
        messages.takeBack(batchId);
        client.remove('care', batchId).then(refresh, (error: unknown) => messages.error(messageOf(error)));
      };
      messages.success(`${title}.`, {
        key: batchId,
        seconds: UNDO_SECONDS,
        action: { name: 'Undo', take: takeBack },
      });
      await refresh();
      return true;
    },
    [keepIt, queries],
  );
  return { isBusy, keep };
}
