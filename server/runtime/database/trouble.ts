/** How a database that is away, busy or full shows, and two changes that stood in each other's way. */
import { ConnectionException } from '@mikro-orm/core';

/** collided: of two transactions that waited for each other, or read what the other changed, this one was given up. */
export type Trouble = 'away' | 'busy' | 'full' | 'collided';

/** Network's and database's codes; PostgreSQL's own stand in its Appendix A. */
const byCode: Readonly<Record<string, Trouble>> = {
  ECONNREFUSED: 'away',
  ECONNRESET: 'away',
  EPIPE: 'away',
  '40P01': 'collided',
  '40001': 'collided',
  // Disk, and memory.
  '53100': 'full',
  '53200': 'busy',
  // No connection is left.
  '53300': 'busy',
  // A statement, or a lock, that took too long.
  '57014': 'busy',
  '55P03': 'busy',
  // A transaction in which nothing happened for too long.
  '25P03': 'busy',
};
/** Classes of PostgreSQL's codes: connection, resources, operator's doing, system. XX: its own trouble; a full disk shows so too. */
const awayClasses = /^(08|53|57P|58|XX000)/;

const fullWords = /No space left on device|disk full/i;
const busyWords = /Timeout acquiring a connection|Query read timeout|timeout expired/i;
const awayWords = /Connection terminated|Transaction query already complete|not queryable/i;

const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string' ? error.code : '';

/** What an error of the database says of it; null: that a request was wrong, or the program. */
export function troubleOf(error: unknown): Trouble | null {
  if (typeof error !== 'object' || error === null) return null;
  const message = 'message' in error && typeof error.message === 'string' ? error.message : '';
  if (fullWords.test(message)) return 'full';
  const code = codeOf(error);
  const known = byCode[code];
  if (known) return known;
  if (busyWords.test(message)) return 'busy';
  return error instanceof ConnectionException || awayClasses.test(code) || awayWords.test(message) ? 'away' : null;
}

const ALREADY_THERE = '23505';

/** Two stood in each other's way, or one was there first: from the beginning again it may go, or be found to be there. */
export const isWorthAnotherTry = (error: unknown): boolean =>
  troubleOf(error) === 'collided' || codeOf(error) === ALREADY_THERE;

/** Values that the tables do not take (class 22: a date, a number, a letter that is none), or that name what is not there (23503). */
export const isOfAValue = (error: unknown): boolean => /^(22|23503$|23514$)/.test(codeOf(error));
