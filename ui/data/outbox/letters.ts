/**
 * The letters of this browser, oldest first, one row each: seen by all its windows, and no window can write over what another wrote.
 * What a letter was answered lies here too until the window that waits for it has taken it.
 */
import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import { safeJson } from '../browser/safe-json';
import { contentOf, type Letter, letterSchema } from './letter';

export interface LetterStore {
  readonly list: () => Promise<readonly Letter[]>;
  /** The oldest that nobody refused. */
  readonly next: () => Promise<Letter | null>;
  readonly find: (key: string) => Promise<Letter | null>;
  /** Adds it at the end; where the same change waits already, that is what stands there: it is given back. */
  readonly add: (letter: Letter) => Promise<Letter>;
  /** Puts it in the place of what has its key; nothing where that is gone. */
  readonly change: (letter: Letter) => Promise<void>;
  readonly remove: (key: string) => Promise<void>;
  /** Takes it out, and lays the answer ready for the window it came from. */
  readonly answered: (key: string, answer: unknown) => Promise<void>;
  /** Takes the answer away; null where there is none. */
  readonly takeAnswer: (key: string) => Promise<{ readonly answer: unknown } | null>;
}

interface Answered {
  readonly key: string;
  readonly answer: unknown;
  readonly at: number;
}

/** A window that does not ask for so long is gone. */
const ANSWER_LASTS_MS = 60 * 60_000;

/** index `content`: only of those that wait; what was refused may be said again. */
type Row = Letter & { seq?: number; content?: string };

interface Shelves extends DBSchema {
  letters: { key: number; value: Row; indexes: { key: string; content: string } };
  answers: { key: string; value: Answered; indexes: { at: number } };
}

const asRow = (letter: Letter): Row => {
  const { content: _, ...row } = letter as Row;
  return letter.refusal === null ? { ...row, content: contentOf(letter) } : row;
};

function asLetter(row: Row | undefined): Letter | null {
  const parsed = letterSchema.safeParse(row);
  return parsed.success ? parsed.data : null;
}

export function letterDatabase(): Promise<IDBPDatabase<Shelves>> {
  return openDB<Shelves>('tender-cairn-outbox', 1, {
    upgrade: (db) => {
      const letters = db.createObjectStore('letters', { keyPath: 'seq', autoIncrement: true });
      letters.createIndex('key', 'key', { unique: true });
      letters.createIndex('content', 'content');
      db.createObjectStore('answers', { keyPath: 'key' }).createIndex('at', 'at');
    },
  });
}

export function browserLetters(): LetterStore {
  let opened: Promise<IDBPDatabase<Shelves>> | null = null;
  const database = () =>
    (opened ??= letterDatabase().catch((error: unknown) => {
      opened = null;
      throw error;
    }));
  return {
    list: async () => (await (await database()).getAll('letters')).flatMap((row) => asLetter(row) ?? []),
    next: async () => {
      const tx = (await database()).transaction('letters');
      for (let at = await tx.store.openCursor(); at; at = await at.continue()) {
        const letter = asLetter(at.value);
        if (letter?.refusal === null) return letter;
      }
      return null;
    },
    find: async (key) => asLetter(await (await database()).getFromIndex('letters', 'key', key)),
    add: async (letter) => {
      const tx = (await database()).transaction('letters', 'readwrite');
      const known = asLetter(await tx.store.index('content').get(contentOf(letter)));
      const seq = known === null ? await tx.store.index('key').getKey(letter.key) : undefined;
      // Said otherwise under its key, it takes the place of what it said before.
      if (known === null) void tx.store.put(seq === undefined ? asRow(letter) : { ...asRow(letter), seq });
      // At once, whatever becomes of the page.
      tx.commit();
      await tx.done;
      return known ?? letter;
    },
    change: async (letter) => {
      const tx = (await database()).transaction('letters', 'readwrite');
      const seq = await tx.store.index('key').getKey(letter.key);
      if (seq !== undefined) void tx.store.put({ ...asRow(letter), seq });
      await tx.done;
    },
    remove: async (key) => {
      const tx = (await database()).transaction('letters', 'readwrite');
      const seq = await tx.store.index('key').getKey(key);
      if (seq !== undefined) void tx.store.delete(seq);
      await tx.done;
    },
    answered: async (key, answer) => {
      const tx = (await database()).transaction(['letters', 'answers'], 'readwrite');
      const letters = tx.objectStore('letters');
      const answers = tx.objectStore('answers');
      const seq = await letters.index('key').getKey(key);
      if (seq !== undefined) void letters.delete(seq);
      const now = Date.now();
      const stale = await answers.index('at').getAllKeys(IDBKeyRange.upperBound(now - ANSWER_LASTS_MS));
      for (const old of stale) void answers.delete(old);
      void answers.put({ key, answer, at: now });
      await tx.done;
    },
    takeAnswer: async (key) => {
      const tx = (await database()).transaction('answers', 'readwrite');
      const found = await tx.store.get(key);
      if (found) void tx.store.delete(key);
      await tx.done;
      return found ? { answer: found.answer } : null;
    },
  };
}

/** For where there is no storage, and for tests: they last as long as the program. */
export function passingLetters(): LetterStore {
  const rows = new Map<string, Letter>();
  const answers = new Map<string, unknown>();
  const waiting = () => [...rows.values()].filter(({ refusal }) => refusal === null);
  return {
    list: async () => [...rows.values()],
    next: async () => waiting()[0] ?? null,
    find: async (key) => rows.get(key) ?? null,
    add: async (letter) => {
      const known = waiting().find((one) => contentOf(one) === contentOf(letter));
      if (!known) rows.set(letter.key, letter);
      return known ?? letter;
    },
    change: async (letter) => void (rows.has(letter.key) && rows.set(letter.key, letter)),
    remove: async (key) => void rows.delete(key),
    answered: async (key, answer) => {
      rows.delete(key);
      answers.set(key, answer);
    },
    takeAnswer: async (key) => {
      if (!answers.has(key)) return null;
      const answer = answers.get(key);
      answers.delete(key);
      return { answer };
    },
  };
}

// ---- Until the row is written ----------------------------------------------------------------

/** Where all letters lay in one text, before each had a row. */
const FORMER_KEY = 'tender-cairn.outbox';
const JUST_WRITTEN = 'tender-cairn.outbox.';

/** At once, before anything can happen to the page: a row takes a moment. False where there is no room. */
export function writeDown(letter: Letter): boolean {
  try {
    localStorage.setItem(JUST_WRITTEN + letter.key, JSON.stringify(letter));
    return true;
  } catch {
    // Full, or none at all: the row may still find room.
    return false;
  }
}

export const crossOut = (key: string): void => localStorage.removeItem(JUST_WRITTEN + key);

/** A row takes a moment: what was written down this lately is being made one by its own window. */
export const BECOMES_A_ROW_MS = 5_000;

/** What was written down and never became a row, and what an earlier version of this program kept, become rows. */
export async function adoptWritten(letters: LetterStore): Promise<void> {
  if (typeof localStorage === 'undefined') return;
  const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i)!);
  for (const key of keys.filter((one) => one === FORMER_KEY || one.startsWith(JUST_WRITTEN))) {
    const read = [safeJson(localStorage.getItem(key) ?? 'null')].flat().flatMap((entry) => {
      const letter = letterSchema.safeParse(entry);
      return letter.success ? [letter.data] : [];
    });
    if (read.some(({ writtenAt }) => Math.abs(Date.now() - Date.parse(writtenAt)) < BECOMES_A_ROW_MS)) continue;
    for (const letter of read) await letters.add(letter);
    localStorage.removeItem(key);
  }
}
