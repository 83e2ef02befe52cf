'use client';

/** What every page stands in: look, units, and what the server keeps. */
import { type ReactNode, useEffect } from 'react';
import { CollectionContext, type OpenCollection, watchCollection } from '../data/browser/collection';
import { QueryProvider } from '../data/query-provider';
import { UnitsProvider } from '../data/units-context';
import { Messages } from './messages';

interface ProvidersProps {
  readonly collection: OpenCollection;
  readonly children: ReactNode;
}

export function Providers({ collection, children }: ProvidersProps) {
  useEffect(() => watchCollection(() => window.location.reload()), []);
  return (
    <CollectionContext value={collection}>
      <QueryProvider>
        <UnitsProvider>
          {children}
          <Messages />
        </UnitsProvider>
      </QueryProvider>
    </CollectionContext>
  );
}
