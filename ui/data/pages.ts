/** Lists come in pages; where a screen needs all of them, they are asked for one after another. */
export interface Unreadable {
  readonly id: string;
  readonly name: string;
}

/** What is kept, and what is kept but cannot be read by this program. */
export interface Kept<T> {
  readonly items: readonly T[];
  readonly unreadable: readonly Unreadable[];
}

export interface Page<T> extends Kept<T> {
  readonly next: string | null;
}

/** More pages than this is no bench but a fault. */
const MOST_PAGES = 100;

export async function everyPage<T>(fetchPage: (cursor: string | null) => Promise<Page<T>>): Promise<Kept<T>> {
  const items: T[] = [];
  const unreadable: Unreadable[] = [];
  let cursor: string | null = null;
  for (let count = 0; count < MOST_PAGES; count += 1) {
    const page: Page<T> = await fetchPage(cursor);
    items.push(...page.items);
    unreadable.push(...page.unreadable);
    if (page.next === null) return { items, unreadable };
    cursor = page.next;
  }
  throw new Error('The list does not end. Load the page again.');
}
