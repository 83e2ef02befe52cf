/** What every handler needs: the database, and whose things the request is about. */
import { ConnectionException } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { entityManager } from '../db/orm';
import { homeScope, type Scope } from '../scope';
import { problem } from './problem';

export interface Inside {
  readonly em: EntityManager;
  readonly scope: Scope;
}

/** What the network says of a database that is not there, or went away. */
const awayCodes: ReadonlySet<unknown> = new Set(['ECONNREFUSED', 'ECONNRESET', 'EPIPE', '57P01', '57P03']);

const isAway = (error: unknown): boolean =>
  error instanceof ConnectionException ||
  (typeof error === 'object' && error !== null && 'code' in error && awayCodes.has(error.code));

/** Runs a handler; a database that is away is answered with 503 and tried again by the next request. */
export async function inScope(handle: (inside: Inside) => Promise<Response>): Promise<Response> {
  try {
    return await handle({ em: await entityManager(), scope: homeScope });
  } catch (error) {
    if (!isAway(error)) throw error;
    return problem(503, 'The database cannot be reached. Nothing was changed; try again in a moment.');
  }
}
