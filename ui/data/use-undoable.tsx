'use client';

/** Putting things away: at once on the screen, undone where the server refuses, and offered back for a while. */
import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useCallback } from 'react';
import { client, type Kept, NotYetKeptError } from './client';
import { messageOf } from './worker/long-work';
import { useMessage } from '../theme/message';

/** Seconds in which a deletion can be taken back on the spot. */
const UNDO_SECONDS = 12;

/** Puts away what a list shows under a query's key, says so, and offers to take it back. */
export function useUndoable(): (kind: Kept, id: string, said: string) => Promise<boolean> {
  const message = useMessage();
  const queries = useQueryClient();
  return useCallback(
    async (kind, id, said) => {
      const refresh = () => queries.invalidateQueries();
      try {
        await client.remove(kind, id);
      } catch (error) {
        if (error instanceof NotYetKeptError) void message.info(messageOf(error));
        else void message.error(messageOf(error));
        return false;
      }
      await refresh();
      const key = `undo-${id}`;
      const bringBack = () => {
        message.destroy(key);
        client.restore(kind, id).then(refresh, (error: unknown) => void message.error(messageOf(error)));
      };
      void message.open({
        key,
        duration: UNDO_SECONDS,
        content: (
          <span>
            {said}.{' '}
            <Button type="link" onClick={bringBack}>
              Undo
            </Button>
          </span>
        ),
      });
      return true;
    },
    [message, queries],
  );
}
