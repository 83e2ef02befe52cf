'use client';

/** The setups set beside each other, judged for the case on the bench. */
import { useEffect, useState } from 'react';
import type { PlanCase, SetupReview, SetupSpec } from '@core';
import type { WordUnits } from '@core/words';
import { messageOf, Planner } from '../worker/planner';

export type Compared =
  | { readonly status: 'working' }
  | { readonly status: 'failed'; readonly message: string }
  | { readonly status: 'done'; readonly reviews: readonly SetupReview[] };

export function useCompared(planCase: PlanCase | null, specs: readonly SetupSpec[], units: WordUnits): Compared {
  const [compared, setCompared] = useState<Compared>({ status: 'working' });
  const key = planCase ? JSON.stringify([planCase, specs, units]) : null;
  useEffect(() => {
    if (key === null) return undefined;
    const [nextCase, nextSpecs, nextUnits] = JSON.parse(key) as [PlanCase, SetupSpec[], WordUnits];
    const planner = new Planner();
    let isMounted = true;
    Promise.all(nextSpecs.map((spec) => planner.review(nextCase, spec, nextUnits))).then(
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
