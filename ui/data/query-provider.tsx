'use client';

/** Cache, retries and rollback of what the server keeps. */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useEffect, useState, type ReactNode } from 'react';
import { readyClient, UnreachableError } from './client';
import { inPauses, pause } from './in-pauses';

/** Only a server that was not reached is asked again; a refusal stays one. */
const MOST_RETRIES = 1;
const RETRY_AFTER_MS = 400;

export function makeQueryClient(): QueryClient {
  const retry = (failures: number, error: unknown) => error instanceof UnreachableError && failures < MOST_RETRIES;
  return new QueryClient({ defaultOptions: { queries: { retry, retryDelay: RETRY_AFTER_MS } } });
}

export function QueryProvider({ children }: { readonly children: ReactNode }) {
  const [queryClient] = useState(makeQueryClient);
  useEffect(() => {
    void inPauses([pause, readyClient]);
  }, []);
  return <QueryClientProvider client={queryClient}>{children}</QueryClientProvider>;
}
