'use client';

/** Putting things away: at once on the screen, undone where the server refuses, and offered back for a while. */
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { client, type Kept, NotYetKeptError } from './client';
import { messageOf } from './worker/long-work';
import { messages } from './messages';

/** Seconds in which a deletion can be taken back on the spot. */
const UNDO_SECONDS = 12;

/** Puts away what a list shows under a query's key, says so, and offers to take it back. */
export function useUndoable(): (kind: Kept, id: string, said: string) => Promise<boolean> {
  const remove = useRemoval();
  return useCallback(
    (kind, id, said) =>
      remove({ id, said, remove: () => client.remove(kind, id), restore: () => client.restore(kind, id) }),
    [remove],
  );
}

export interface Removal {
  /** Of what is removed, or of the first of several. */
  readonly id: string;
  readonly said: string;
  readonly remove: () => Promise<void>;
  readonly restore: () => Promise<void>;
}

function tell(error: unknown): void {
  if (error instanceof NotYetKeptError) messages.info(messageOf(error));
  else messages.error(messageOf(error));
}

/** Removes, says so, and offers to take it back; true once it is removed. */
export function useRemoval(): (removal: Removal) => Promise<boolean> {
  const queries = useQueryClient();
  const router = useRouter();
  return useCallback(
    async ({ id, said, remove, restore }) => {
      const refresh = async () => {
        await queries.invalidateQueries();
        // What the page brought with it.
        router.refresh();
      };
      try {
        await remove();
      } catch (error) {
        tell(error);
        return false;
      }
      await refresh();
      const key = `undo-${id}`;
      const take = () => {
        messages.takeBack(key);
        restore().then(refresh, tell);
      };
      messages.info(`${said}.`, { key, seconds: UNDO_SECONDS, action: { name: 'Undo', take } });
      return true;
    },
    [queries, router],
  );
}
