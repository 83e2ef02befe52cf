/** How a database that is away shows. */
import { ConnectionException } from '@mikro-orm/core';

/** What network and database say of one that is not there, went away, is full, or gave up a statement. */
const awayCodes: ReadonlySet<unknown> = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  '53100',
  '53300',
  '57014',
  '57P01',
  '57P02',
  '57P03',
]);
const awayWords = /timeout expired|Query read timeout|Timeout acquiring a connection|Connection terminated/i;

/** Whether an error says that the database is away, not that a request was wrong. */
export function isAway(error: unknown): boolean {
  if (error instanceof ConnectionException) return true;
  if (typeof error !== 'object' || error === null) return false;
  return ('code' in error && awayCodes.has(error.code)) || (error instanceof Error && awayWords.test(error.message));
}
