/**
 * Writing once what may come twice: by a double tap, two windows, or a retry after a lost answer. The only place that knows how
 * the database says that somebody else was first.
 */
import { createHash } from 'node:crypto';
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

/** What a key was sent with: it stands for that, and for nothing else. */
export interface SentUnder {
  readonly collectionId: string;
  readonly key: string;
  /** What it was to be: "potted", "stock". */
  readonly kind: string;
  /** All that was sent. */
  readonly said: unknown;
}

const digestOf = (said: unknown): string => createHash('sha256').update(JSON.stringify(said)).digest('hex');

/** @throws KeyTakenError where the key stands for something else. */
async function refuseOther(em: EntityManager, { collectionId, key, kind, said }: SentUnder): Promise<void> {
  const [row] = await em.execute<{ kind: string; digest: string }[]>(
    'select kind, digest from sent_key where collection_id = ? and key = ?',
    [collectionId, key],
  );
  if (row && (row.kind !== kind || row.digest !== digestOf(said))) throw new KeyTakenError();
}

async function remember(em: EntityManager, { collectionId, key, kind, said }: SentUnder): Promise<void> {
  await em.execute(
    'insert into sent_key (collection_id, key, kind, digest) values (?, ?, ?, ?) on conflict do nothing',
    [collectionId, key, kind, digestOf(said)],
  );
}

/**
 * Looks for what was kept and writes where nothing is, in one transaction: all of it or nothing. Of two at the same moment one is
 * refused by the table's unique key, and is answered with what the other kept. find: null for what carries no key; sent: null
 * for what is written as a part of something larger, under its key.
 * @throws KeyTakenError where the key was used for something that find does not know.
 */
export async function writeOnce<T>(
  em: EntityManager,
  find: FindKept<T> | null,
  write: (em: EntityManager) => Promise<T>,
  sent: SentUnder | null,
): Promise<T> {
  // A part of something larger is written under the key of the whole.
  const under = em.isInTransaction() ? null : sent;
  try {
    return await inTransaction(em, async (inside) => {
      if (under) await refuseOther(inside, under);
      const known = find && (await find(inside));
      if (known !== null) return known;
      const written = await write(inside);
      // What was refused leaves its key free: put right, it may come again.
      if (under && find && (await find(inside)) !== null) await remember(inside, under);
      return written;
    });
  } catch (error) {
    if (find === null || !(error instanceof UniqueConstraintViolationException)) throw error;
    if (under) await refuseOther(em.fork(), under);
    const first = await find(em.fork());
    if (first !== null) return first;
    throw isOfAKey(error) ? new KeyTakenError() : error;
  }
}
