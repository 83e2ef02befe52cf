'use client';

/** Keeping something: what becomes of it is said, and a form that may be emptied is told so. */
import { useCallback } from 'react';
import { NotYetKeptError } from './client';
import { messageOf } from './worker/long-work';
import { messages } from './messages';

export type Kept<T> =
  | { readonly status: 'kept'; readonly value: T }
  /** Safe in this browser, and said: the screen may go on. */
  | { readonly status: 'waits' }
  | { readonly status: 'refused'; readonly error: unknown; readonly message: string };

export function useKeep(): <T>(save: () => Promise<T>) => Promise<Kept<T>> {
  return useCallback(async (save) => {
    try {
      return { status: 'kept', value: await save() };
    } catch (error) {
      if (!(error instanceof NotYetKeptError)) return { status: 'refused', error, message: messageOf(error) };
      messages.info(error.message);
      return { status: 'waits' };
    }
  }, []);
}
