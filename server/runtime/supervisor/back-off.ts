/** How long to wait before starting something again: longer each time, anew once it has run for a while. */

const FIRST_MS = 1_000;
const LONGEST_MS = 30_000;
/** Having run so long, it was well. */
const WELL_AFTER_MS = 60_000;

export interface BackOff {
  /** ranMs: how long it ran this time. */
  readonly nextMs: (ranMs: number) => number;
}

export function backOff(): BackOff {
  let waitMs = FIRST_MS;
  return {
    nextMs: (ranMs) => {
      if (ranMs >= WELL_AFTER_MS) waitMs = FIRST_MS;
      const now = waitMs;
      waitMs = Math.min(LONGEST_MS, 2 * waitMs);
      return now;
    },
  };
}
