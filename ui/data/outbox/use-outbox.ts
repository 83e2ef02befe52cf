/** What waits in the outbox, for the screen. */
import { useEffect, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { Letter } from './letter';
import { outbox } from './outbox';

export interface Unsent {
  readonly letters: readonly Letter[];
  readonly sendNow: () => void;
  /** Sends a refused one again, over what is kept now. */
  readonly sendAgain: (letter: Letter) => void;
  readonly throwAway: (letter: Letter) => void;
}

/** Reads the outbox whenever it changes; while it is being read, once more afterwards. */
function useLetters(): readonly Letter[] {
  const [letters, setLetters] = useState<readonly Letter[]>([]);
  useEffect(() => {
    let isReading = false;
    let isAskedAgain = false;
    let isGone = false;
    const read = async () => {
      isAskedAgain = true;
      if (isReading) return;
      isReading = true;
      while (isAskedAgain && !isGone) {
        isAskedAgain = false;
        const found = await outbox.waiting();
        if (!isGone) setLetters((before) => (before.length === 0 && found.length === 0 ? before : found));
      }
      isReading = false;
    };
    const stop = outbox.onChange(() => void read());
    void read();
    return () => {
      isGone = true;
      stop();
    };
  }, []);
  return letters;
}

export function useOutbox(): Unsent {
  const letters = useLetters();
  const queries = useQueryClient();
  useEffect(() => outbox.onKept(() => void queries.invalidateQueries()), [queries]);
  useEffect(() => {
    const sendNow = () => void outbox.sendWaiting();
    // What an earlier page left is sent first thing, and at once when the connection is back.
    void outbox.begin();
    window.addEventListener('online', sendNow);
    return () => window.removeEventListener('online', sendNow);
  }, []);
  return {
    letters,
    sendNow: () => void outbox.sendWaiting(),
    sendAgain: (letter) => void outbox.sendAgain(letter),
    throwAway: (letter) => void outbox.throwAway(letter.key),
  };
}
