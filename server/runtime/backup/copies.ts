/** Daily copies: one a day beside the database, the newest fourteen kept. */
import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';

const PATTERN = /^daily-(\d{4}-\d{2}-\d{2})\.tar$/;
const KEPT = 14;

export const copiesFolder = (dataFolder: string): string => join(dataFolder, 'copies');

const dayOf = (now: Date): string => now.toISOString().slice(0, 10);

/** Name of the copy that is due on a day; null where it is there. */
export function dueCopy(names: readonly string[], now: Date): string | null {
  const name = `daily-${dayOf(now)}.tar`;
  return names.includes(name) ? null : name;
}

/**
 * The one copy that goes: the oldest where there are more than are kept, but never the one just made. By their number and one at a
 * time, since a clock may be wrong by years: nothing else is ever named.
 */
export function outdatedCopy(names: readonly string[], justMade: string): string | null {
  const copies = names.filter((name) => PATTERN.test(name)).sort();
  return copies.length > KEPT ? (copies.find((name) => name !== justMade) ?? null) : null;
}

export function namesIn(folder: string): readonly string[] {
  return readdirSync(folder);
}

export function dropOutdated(folder: string, justMade: string): void {
  const name = outdatedCopy(namesIn(folder), justMade);
  if (name !== null) rmSync(join(folder, name));
}
