'use client';

/** Putting things away: at once on the screen, undone where the server refuses, and offered back for a while. */
import { useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { client, type Kept, NotYetKeptError } from './client';
import { messageOf } from './worker/long-work';
import { messages } from './messages';

/** Seconds in which a deletion can be taken back on the spot. */
const UNDO_SECONDS = 12;

/** Puts away what a list shows under a query's key, says so, and offers to take it back. */
export function useUndoable(): (kind: Kept, id: string, said: string) => Promise<boolean> {
  const queries = useQueryClient();
  return useCallback(
    async (kind, id, said) => {
      const refresh = () => queries.invalidateQueries();
      try {
        await client.remove(kind, id);
      } catch (error) {
        if (error instanceof NotYetKeptError) messages.info(messageOf(error));
        else messages.error(messageOf(error));
        return false;
      }
      await refresh();
      const key = `undo-${id}`;
      const bringBack = () => {
        messages.takeBack(key);
        client.restore(kind, id).then(refresh, (error: unknown) => messages.error(messageOf(error)));
      };
      messages.info(`${said}.`, { key, seconds: UNDO_SECONDS, action: { name: 'Undo', take: bringBack } });
      return true;
    },
    [queries],
  );
}
