/** Heavy work in turns: so many at once, so many waiting; the rest is told to come back. */
import pLimit from 'p-limit';

export interface Turns {
  /** Runs work when its turn comes; null at once where too many wait already: nothing was done. */
  readonly take: <T>(work: () => Promise<T>) => Promise<T | null>;
}

export function turns({ atOnce, mostWaiting }: { readonly atOnce: number; readonly mostWaiting: number }): Turns {
  const limit = pLimit(atOnce);
  let taken = 0;
  return {
    take: async (work) => {
      if (taken >= atOnce + mostWaiting) return null;
      taken += 1;
      try {
        return await limit(work);
      } finally {
        taken -= 1;
      }
    },
  };
}
