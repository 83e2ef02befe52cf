'use client';

import { useEffect, useRef, useState } from 'react';

interface Task<T> {
  readonly key: string | null;
  readonly run: () => Promise<T>;
  readonly onError: (error: unknown) => void;
}

/**
 * Runs an asynchronous computation for the newest key only: while one runs, newer keys wait and
 * replace each other. The last value stays until the next arrives, so nothing flickers in a drag.
 */
export function useLatest<T>(key: string | null, run: () => Promise<T>, onError: (error: unknown) => void): T | null {
  const [value, setValue] = useState<T | null>(null);
  const newest = useRef<Task<T>>({ key, run, onError });
  const isRunning = useRef(false);
  const isMounted = useRef(false);

  useEffect(() => {
    newest.current = { key, run, onError };
  });

  useEffect(() => {
    isMounted.current = true;
    return () => {
      isMounted.current = false;
    };
  }, []);

  useEffect(() => {
    async function runNewest(): Promise<void> {
      if (isRunning.current) return;
      isRunning.current = true;
      let doneKey: string | null = null;
      while (isMounted.current && newest.current.key !== null && newest.current.key !== doneKey) {
        const task = newest.current;
        doneKey = task.key;
        try {
          const result = await task.run();
          if (isMounted.current) setValue(result);
        } catch (error) {
          task.onError(error);
        }
      }
      isRunning.current = false;
    }
    void runNewest();
  }, [key]);

  return value;
}
