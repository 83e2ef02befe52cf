'use client';

/** The setups set beside each other, judged for the case on the bench. */
import { useEffect, useState } from 'react';
import type { PlanCase, SetupFacts, SetupSpec } from '@core';
import { messageOf, Planner } from '../../data/worker/planner';

export type Compared =
  | { readonly status: 'working' }
  | { readonly status: 'failed'; readonly message: string }
  | { readonly status: 'done'; readonly reviews: readonly SetupFacts[] };

export function useCompared(planCase: PlanCase | null, specs: readonly SetupSpec[]): Compared {
  const [compared, setCompared] = useState<Compared>({ status: 'working' });
  const key = planCase ? JSON.stringify([planCase, specs]) : null;
  useEffect(() => {
    if (key === null) return undefined;
    const [nextCase, nextSpecs] = JSON.parse(key) as [PlanCase, SetupSpec[]];
    const planner = new Planner();
    let isMounted = true;
    Promise.all(nextSpecs.map((spec) => planner.review(nextCase, spec))).then(
      (reviews) => {
        if (isMounted) setCompared({ status: 'done', reviews });
      },
      (error: unknown) => {
        if (isMounted) setCompared({ status: 'failed', message: messageOf(error) });
      },
    );
    return () => {
      isMounted = false;
      planner.close();
    };
  }, [key]);
  return compared;
}
