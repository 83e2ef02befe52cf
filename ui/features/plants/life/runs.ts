/** The same thing done again and again is one line: what a grower wants to see is that it was kept up. */
import type { QuickEntry } from '@server/records/journal/quick-entry-schemas';

export interface Run {
  /** Newest first; more than one where they are all alike. */
  readonly entries: readonly QuickEntry[];
}

/** Fewer than these are told one by one. */
const LEAST_IN_RUN = 3;

const isPlain = ({ note, photoIds, felt }: QuickEntry): boolean =>
  note === undefined && photoIds === undefined && felt === undefined;
const mayRun: ReadonlySet<QuickEntry['kind']> = new Set(['watered', 'fed', 'flushed', 'weighed']);

/** entries: newest first. */
export function runsOf(entries: readonly QuickEntry[]): readonly Run[] {
  const runs: QuickEntry[][] = [];
  for (const entry of entries) {
    const last = runs[runs.length - 1];
    const goesOn = last?.[0]?.kind === entry.kind && mayRun.has(entry.kind) && isPlain(entry) && last.every(isPlain);
    if (goesOn) last.push(entry);
    else runs.push([entry]);
  }
  return runs.flatMap((run) =>
    run.length >= LEAST_IN_RUN ? [{ entries: run }] : run.map((one) => ({ entries: [one] })),
  );
}
