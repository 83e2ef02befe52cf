'use client';

/** What every page stands in: look, units, and what the server keeps. */
import type { ReactNode } from 'react';
import { QueryProvider } from '../data/query-provider';
import { UnitsProvider } from '../data/units-context';
import { Messages } from './messages';

export function Providers({ children }: { readonly children: ReactNode }) {
  return (
    <QueryProvider>
      <UnitsProvider>
        {children}
        <Messages />
      </UnitsProvider>
    </QueryProvider>
  );
}
