/** Daily copies: one a day beside the database, kept for two weeks. */
import { MS_PER_DAY } from '@core/base/time';
import { readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';

const PATTERN = /^daily-(\d{4}-\d{2}-\d{2})\.tar$/;
const KEPT_DAYS = 14;

export const copiesFolder = (dataFolder: string): string => join(dataFolder, 'copies');

const dayOf = (now: Date): string => now.toISOString().slice(0, 10);

/** Name of the copy that is due on a day; null where it is there. */
export function dueCopy(names: readonly string[], now: Date): string | null {
  const name = `daily-${dayOf(now)}.tar`;
  return names.includes(name) ? null : name;
}

/** Copies older than two weeks; the newest stays, however old, and nothing else is ever named. */
export function outdatedCopies(names: readonly string[], now: Date): readonly string[] {
  const copies = names.filter((name) => PATTERN.test(name)).sort();
  const oldest = `daily-${dayOf(new Date(now.getTime() - KEPT_DAYS * MS_PER_DAY))}.tar`;
  return copies.slice(0, -1).filter((name) => name < oldest);
}

export function namesIn(folder: string): readonly string[] {
  return readdirSync(folder);
}

export function dropOutdated(folder: string, now: Date): void {
  for (const name of outdatedCopies(namesIn(folder), now)) rmSync(join(folder, name));
}
