/** What a page of the server needs: the database, and whose things it shows. Rows become plain data. */
import { entityManager } from '../db/orm';
import { homeScope } from '../scope';
import type { Inside } from './in-scope';
import { inTime } from './in-time';

export async function inPage<T>(read: (inside: Inside) => Promise<T>): Promise<T> {
  const found = await inTime((async () => read({ em: await entityManager(), scope: homeScope }))());
  if (found === 'late') throw new Error('The database does not answer.');
  // Server components hand over JSON only.
  return JSON.parse(JSON.stringify(found)) as T;
}
