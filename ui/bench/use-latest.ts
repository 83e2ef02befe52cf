'use client';

import { useEffect, useRef, useState } from 'react';

/**
 * Runs an asynchronous computation for the newest key only: while one runs, newer keys wait and
 * replace each other. The last value stays until the next arrives, so nothing flickers in a drag.
 */
export function useLatest<T>(key: string | null, run: () => Promise<T>, onError: (error: unknown) => void): T | null {
  const [value, setValue] = useState<T | null>(null);
  const newest = useRef<{ key: string | null; run: () => Promise<T>; onError: (error: unknown) => void }>({ key, run, onError });
  const isRunning = useRef(false);
  newest.current = { key, run, onError };

  useEffect(() => {
    let isMounted = true;
    async function pump(): Promise<void> {
      if (isRunning.current) return;
      isRunning.current = true;
      let doneKey: string | null = null;
      while (isMounted && newest.current.key !== null && newest.current.key !== doneKey) {
        doneKey = newest.current.key;
        try {
          const result = await newest.current.run();
          if (isMounted) setValue(result);
        } catch (error) {
          newest.current.onError(error);
        }
      }
      isRunning.current = false;
    }
    void pump();
    return () => {
      isMounted = false;
    };
  }, [key]);

  return value;
}
