/** The letters in this browser's storage, oldest first; seen by all its windows. */
import * as z from 'zod';
import { safeJson } from '../browser/safe-json';
import { writeStored } from '../browser/stored';
import { type Letter, letterSchema } from './letter';

export const OUTBOX_KEY = 'tender-cairn.outbox';

export function lettersIn(text: string | null): readonly Letter[] {
  const entries = z.array(z.unknown()).safeParse(text === null ? [] : safeJson(text));
  return (entries.data ?? []).flatMap((entry) => {
    const letter = letterSchema.safeParse(entry);
    return letter.success ? [letter.data] : [];
  });
}

export interface LetterStore {
  readonly list: () => readonly Letter[];
  readonly put: (letter: Letter) => void;
  readonly remove: (key: string) => void;
}

function storeIn(read: () => string | null, write: (text: string) => void): LetterStore {
  const list = () => lettersIn(read());
  return {
    list,
    put: (letter) => {
      const letters = list();
      const isKnown = letters.some(({ key }) => key === letter.key);
      write(
        JSON.stringify(isKnown ? letters.map((old) => (old.key === letter.key ? letter : old)) : [...letters, letter]),
      );
    },
    remove: (key) => write(JSON.stringify(list().filter((letter) => letter.key !== key))),
  };
}

export const browserLetters = (): LetterStore =>
  storeIn(
    () => localStorage.getItem(OUTBOX_KEY),
    (text) => writeStored(OUTBOX_KEY, text),
  );

/** For where there is no storage: they last as long as the program. */
export function passingLetters(): LetterStore {
  let kept = '[]';
  return storeIn(
    () => kept,
    (text) => {
      kept = text;
    },
  );
}
