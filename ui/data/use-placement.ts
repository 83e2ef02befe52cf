'use client';

/** Where a kept plant stands in its pot: its futures are lived off the page's thread. */
import { useQuery } from '@tanstack/react-query';
import { type Placement, type PlanCase, type SetupSpec, specId } from '@core';
import type { BenchApi } from './worker/bench-worker';
import { keyOf } from './worker/early-plan';
import type { Running } from './worker/long-work';
import { startWorker } from './worker/start-worker';

/** One for all drawings of a log. */
let placing: Running<BenchApi> | null = null;

/** null until it is worked out. */
export function usePlacement(planCase: PlanCase, spec: SetupSpec): Placement | null {
  const { data } = useQuery({
    queryKey: ['placement', keyOf(planCase), specId(spec)],
    queryFn: () => (placing ??= startWorker()).api.placement(planCase, spec),
    staleTime: Infinity,
    // No server is asked.
    networkMode: 'always',
  });
  return data ?? null;
}
