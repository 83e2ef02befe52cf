/** What a child gets of ours: the lock on the data folder (file 8 of ./start) must not outlive the supervisor. */
import type { StdioOptions } from 'node:child_process';

const LOCK_FILE_NUMBER = 8;

export function lockStaysHere(first: readonly ('ignore' | 'pipe' | 'inherit')[]): StdioOptions {
  return Array.from({ length: LOCK_FILE_NUMBER + 1 }, (_, i) => first[i] ?? 'ignore');
}
