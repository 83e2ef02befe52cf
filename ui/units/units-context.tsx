'use client';

import { createContext, useContext, useMemo, useState, useEffect, type ReactNode } from 'react';
import { z } from 'zod';
import { metricWords, type WordUnits } from '@core/index';

interface UnitsValue {
  readonly units: WordUnits;
  readonly setUnits: (units: WordUnits) => void;
}

const UnitsContext = createContext<UnitsValue>({ units: metricWords, setUnits: () => undefined });
const STORE_KEY = 'tender-cairn.units';
const storedUnits = z.object({ length: z.enum(['metric', 'inch']), temperature: z.enum(['C', 'F']) });

export function UnitsProvider({ children }: { readonly children: ReactNode }) {
  const [units, setUnitsState] = useState<WordUnits>(metricWords);
  useEffect(() => {
    const stored = localStorage.getItem(STORE_KEY);
    const parsed = stored === null ? null : storedUnits.safeParse(safeJson(stored));
    if (parsed?.success) setUnitsState(parsed.data);
  }, []);
  const value = useMemo<UnitsValue>(
    () => ({
      units,
      setUnits: (next) => {
        localStorage.setItem(STORE_KEY, JSON.stringify(next));
        setUnitsState(next);
      },
    }),
    [units],
  );
  return <UnitsContext.Provider value={value}>{children}</UnitsContext.Provider>;
}

export function useUnits(): UnitsValue {
  return useContext(UnitsContext);
}

/** Stored text may be from an older version or damaged; then it counts as absent. */
export function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}
