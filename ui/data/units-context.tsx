'use client';

import { createContext, useContext, useMemo, type ReactNode } from 'react';
import * as z from 'zod';
import { metricWords, type WordUnits } from '@core/words';
import { safeJson } from './browser/safe-json';
import { useStored, writeStored } from './browser/stored';

interface UnitsValue {
  readonly units: WordUnits;
  readonly setUnits: (units: WordUnits) => void;
}

const UnitsContext = createContext<UnitsValue>({ units: metricWords, setUnits: () => undefined });
const STORE_KEY = 'tender-cairn.units';
const storedUnits = z.object({ length: z.enum(['metric', 'inch']), temperature: z.enum(['C', 'F']) });

export function UnitsProvider({ children }: { readonly children: ReactNode }) {
  const stored = useStored(STORE_KEY);
  const value = useMemo<UnitsValue>(() => {
    const parsed = storedUnits.safeParse(stored === null ? null : safeJson(stored));
    return {
      units: parsed.success ? parsed.data : metricWords,
      setUnits: (next) => writeStored(STORE_KEY, JSON.stringify(next)),
    };
  }, [stored]);
  return <UnitsContext.Provider value={value}>{children}</UnitsContext.Provider>;
}

export function useUnits(): UnitsValue {
  return useContext(UnitsContext);
}
