/** What a page of the server needs: the database, and whose things it shows. Rows become plain data. */
import { entityManager } from '../records/database';
import '../projections/follow-records';
import { troubleOf } from '../runtime/database/trouble';
import type { Inside } from './in-scope';
import { scopeAsked } from './scope-asked';
import { troubleWords } from './trouble-words';
import { inTime, LONGEST_PAGE_WAIT_MS } from '../runtime/http/in-time';
import { withoutData } from '../runtime/http/without-data';

export async function inPage<T>(read: (inside: Inside) => Promise<T>): Promise<T> {
  const reading = (async () => read({ em: await entityManager(), scope: scopeAsked() }))();
  // What is thrown here is written into the log.
  const found = await inTime(reading, LONGEST_PAGE_WAIT_MS).catch((error: unknown) => {
    const trouble = troubleOf(error);
    throw trouble === null ? withoutData(error) : new Error(troubleWords[trouble]);
  });
  if (found === 'late') throw new Error('The database does not answer.');
  // Server components hand over JSON only.
  return JSON.parse(JSON.stringify(found)) as T;
}
