/** Nobody waits for ever: what does not come in time is given up, however the database fares. */

import { z } from 'zod';

/** A request is answered within this. */
export const LONGEST_WAIT_MS = 2_500;

/** A page in place of which only trouble could be shown may take longer; CAIRN_PAGE_WAIT_MS: another time, for a slow machine. */
export const LONGEST_PAGE_WAIT_MS = z.coerce
  .number()
  .int()
  .positive()
  .default(6_000)
  .parse(process.env.CAIRN_PAGE_WAIT_MS);

export async function inTime<T>(work: Promise<T>, longestMs = LONGEST_WAIT_MS): Promise<T | 'late'> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<'late'>((resolve) => {
    timer = setTimeout(() => resolve('late'), longestMs);
  });
  try {
    const first = await Promise.race([work, late]);
    // Nobody waits for it any more; how it ends is of no use to this request.
    if (first === 'late') work.catch(() => undefined);
    return first;
  } finally {
    clearTimeout(timer);
  }
}
