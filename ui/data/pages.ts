/** Lists come in pages; where a screen needs all of them, they are asked for one after another. */
export interface Page<T> {
  readonly items: readonly T[];
  readonly next: string | null;
}

/** More pages than this is no bench but a fault. */
const MOST_PAGES = 100;

export async function everyPage<T>(fetchPage: (cursor: string | null) => Promise<Page<T>>): Promise<readonly T[]> {
  const all: T[] = [];
  let cursor: string | null = null;
  for (let page = 0; page < MOST_PAGES; page += 1) {
    const { items, next }: Page<T> = await fetchPage(cursor);
    all.push(...items);
    if (next === null) return all;
    cursor = next;
  }
  throw new Error('The list does not end. Load the page again.');
}
