'use client';

import { App, Button } from 'antd';
import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { messageOf } from '../worker/planner';
import { restore, type Kept } from './api';

/** Seconds in which a deletion can be taken back on the spot. */
const UNDO_SECONDS = 12;

/** Says what was put away and offers to take it back. */
export function useUndoable(): (kind: Kept, id: string, said: string) => void {
  const { message } = App.useApp();
  const router = useRouter();
  return useCallback(
    (kind, id, said) => {
      const key = `undo-${id}`;
      void message.open({
        key,
        duration: UNDO_SECONDS,
        content: (
          <span>
            {said}.{' '}
            <Button
              type="link"
              onClick={() => {
                message.destroy(key);
                restore(kind, id).then(
                  () => router.refresh(),
                  (error: unknown) => void message.error(messageOf(error)),
                );
              }}
            >
              Undo
            </Button>
          </span>
        ),
      });
    },
    [message, router],
  );
}
