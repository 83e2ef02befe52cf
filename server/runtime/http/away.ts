/** How a database that is away shows. */
import { ConnectionException } from '@mikro-orm/core';

/** What network and database say of one that is not there, went away, is full, or gave up a statement. */
const awayCodes: ReadonlySet<unknown> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  '57014',
  // Internal trouble of the database: a full disk shows so too, where it cannot write its own caches.
  'XX000',
]);
/** Classes of PostgreSQL's own codes (Appendix A): connection, resources, operator's doing, system. */
const awayClasses = /^(08|53|57P|58)/;
const awayWords =
  /timeout expired|Query read timeout|Timeout acquiring a connection|Connection terminated|Transaction query already complete|not queryable/i;

/** Whether an error says that the database is away, not that a request was wrong. */
export function isAway(error: unknown): boolean {
  if (error instanceof ConnectionException) return true;
  if (typeof error !== 'object' || error === null) return false;
  const code = 'code' in error ? error.code : null;
  if (awayCodes.has(code) || (typeof code === 'string' && awayClasses.test(code))) return true;
  return 'message' in error && typeof error.message === 'string' && awayWords.test(error.message);
}
