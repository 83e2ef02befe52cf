/** What waits in the outbox, for the screen. */
import { useEffect, useMemo } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { useStored } from '../browser/stored';
import { type Letter, overCurrent } from './letter';
import { browserLetters, lettersIn, OUTBOX_KEY } from './letters';
import { outbox } from './outbox';

export interface Unsent {
  readonly letters: readonly Letter[];
  readonly sendNow: () => void;
  /** Sends a refused one again, over what is kept now. */
  readonly sendAgain: (letter: Letter) => void;
  readonly throwAway: (letter: Letter) => void;
}

export function useOutbox(): Unsent {
  const text = useStored(OUTBOX_KEY);
  const letters = useMemo(() => lettersIn(text), [text]);
  const queries = useQueryClient();
  useEffect(() => outbox.onKept(() => void queries.invalidateQueries()), [queries]);
  useEffect(() => {
    const sendNow = () => void outbox.sendWaiting();
    // What an earlier page left is sent first thing, and at once when the connection is back.
    sendNow();
    window.addEventListener('online', sendNow);
    return () => window.removeEventListener('online', sendNow);
  }, []);
  return {
    letters,
    sendNow: () => void outbox.sendWaiting(),
    sendAgain: (letter) => {
      browserLetters().put(overCurrent(letter));
      void outbox.sendWaiting();
    },
    throwAway: (letter) => browserLetters().remove(letter.key),
  };
}
