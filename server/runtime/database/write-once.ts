/**
 * Writing once what may come twice: by a double tap, two windows, or a retry after a lost answer. The only place that knows how
 * the database says that somebody else was first.
 */
import { UniqueConstraintViolationException } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from './in-transaction';

/** The key lies with something else, which this request cannot have made. */
export class KeyTakenError extends Error {}

export interface KeptOnce<T> {
  readonly kept: T;
  /** It was there already: nothing was written. */
  readonly wasKnown: boolean;
}

/** What was kept under the key of this request; null where nothing is. */
export type FindKept<T> = (em: EntityManager) => Promise<T | null>;

const isOfAKey = (error: UniqueConstraintViolationException): boolean => /idempotency_key/.test(error.message);

/**
 * Looks for what was kept and writes where nothing is, in one transaction: all of it or nothing. Of two at the same moment one is
 * refused by the table's unique key, and is answered with what the other kept. find: null for what carries no key.
 * @throws KeyTakenError where the key was used for something that find does not know.
 */
export async function writeOnce<T>(
  em: EntityManager,
  find: FindKept<T> | null,
  write: (em: EntityManager) => Promise<T>,
): Promise<T> {
  try {
    return await inTransaction(em, async (inside) => (find && (await find(inside))) ?? write(inside));
  } catch (error) {
    if (find === null || !(error instanceof UniqueConstraintViolationException)) throw error;
    const first = await find(em.fork());
    if (first !== null) return first;
    throw isOfAKey(error) ? new KeyTakenError() : error;
  }
}
