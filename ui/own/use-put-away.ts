'use client';

/** Puts an own thing away and offers it back: nothing kept is ever lost by a slip of a wet finger. */
import { App } from 'antd';
import { useState } from 'react';
import { remove, restore, type OwnKind } from '../plants/api';
import { messageOf } from '../worker/planner';

export interface PutAway {
  readonly putAway: (id: string) => void;
  /** Brings the last one back; null while there is none to bring back. */
  readonly undo: (() => void) | null;
}

export function usePutAway(kind: OwnKind, reload: () => void): PutAway {
  const { message } = App.useApp();
  const [last, setLast] = useState<string | null>(null);
  const act = (job: Promise<void>, next: string | null): void => {
    job.then(
      () => {
        setLast(next);
        reload();
      },
      (error: unknown) => void message.error(messageOf(error)),
    );
  };
  return {
    putAway: (id) => act(remove(`own/${kind}`, id), id),
    undo: last === null ? null : () => act(restore(`own/${kind}`, last), null),
  };
}
