'use client';

/** Trials with what their plants' lives say so far. */
import { trialPutAway } from '@core/words';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import type { Trial } from '@core';
import { type TrialList, trialListSchema, type TrialRow } from '@server/projections/trials/schemas';
import { ask } from './ask';
import { client } from './client';
import { messages } from './messages';
import { useKeep } from './use-keep';
import { messageOf } from './worker/long-work';

const key = ['plants', 'trials'] as const;

export function useTrials(first: TrialList): TrialList {
  const { data } = useQuery({ queryKey: key, queryFn: () => ask(trialListSchema, '/api/trials'), initialData: first });
  return data;
}

/** Seconds in which it can be taken back on the spot. */
const UNDO_SECONDS = 12;

/** Each answers null where it was kept, or waits to be sent; else why not. */
export function useTrialWork() {
  const queries = useQueryClient();
  const keepIt = useKeep();
  const [isBusy, setBusy] = useState(false);
  const refresh = useCallback(() => queries.invalidateQueries({ queryKey: key }), [queries]);
  const keep = async (work: () => Promise<unknown>): Promise<string | null> => {
    setBusy(true);
    const outcome = await keepIt(work).finally(() => setBusy(false));
    await refresh();
    return outcome.status === 'refused' ? outcome.message : null;
  };
  return {
    isBusy,
    save: (trial: Trial, row: TrialRow | null) =>
      keep(() =>
        row === null
          ? client.saveLibraryItem('trial', trial)
          : client.changeLibraryItem('trial', { id: row.id, version: row.version, data: row.data }, trial),
      ),
    putAway: async (row: TrialRow) => {
      const fault = await keep(() => client.remove('own/trial', row.id));
      if (fault !== null) return messages.error(fault);
      return messages.success(trialPutAway(row.data.name), {
        key: row.id,
        seconds: UNDO_SECONDS,
        action: {
          name: 'Undo',
          take: () => {
            messages.takeBack(row.id);
            client.restore('own/trial', row.id).then(refresh, (error: unknown) => messages.error(messageOf(error)));
          },
        },
      });
    },
  };
}
