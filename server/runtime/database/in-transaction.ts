/** All of it or nothing, and once more where two changes stood in each other's way. */
import { setTimeout as pause } from 'node:timers/promises';
import type { EntityManager } from '@mikro-orm/postgresql';
import { isWorthAnotherTry } from './trouble';

const MOST_TRIES = 5;
const PAUSE_MS = 15;

/**
 * Runs work in a transaction of its own. One that the database gave up for another (deadlock, serialization, a row that another
 * wrote first) is run again, from the beginning and with nothing of what it had read. Inside a transaction it is a part of that one,
 * which alone can be run again. work: changes nothing but what it does through inside.
 */
export async function inTransaction<T>(em: EntityManager, work: (inside: EntityManager) => Promise<T>): Promise<T> {
  if (em.isInTransaction()) return em.transactional(work);
  for (let tries = 1; ; tries += 1) {
    try {
      return await (tries === 1 ? em : em.fork()).transactional(work);
    } catch (error) {
      if (tries === MOST_TRIES || !isWorthAnotherTry(error)) throw error;
      // Not both at the same moment again.
      await pause(PAUSE_MS * tries * (0.5 + Math.random()));
    }
  }
}
