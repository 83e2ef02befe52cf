'use client';

/** What changed lately, and what the record says. */
import { useQuery } from '@tanstack/react-query';
import type { PottingLived } from '@core';
import { type Insights, insightsSchema, pottingsLivedSchema } from '@server/projections/insights/schemas';
import { ask } from './ask';
import { today } from './dates';

/** undefined until it has come: the rest of the page does not wait for it. */
export function useInsights(): Insights | undefined {
  const day = today();
  const queryFn = () => ask(insightsSchema, `/api/insights?today=${day}`);
  return useQuery({ queryKey: ['plants', 'learned', day], queryFn }).data;
}

/** How pottings went in a place; undefined until it has come, and where it cannot be asked. */
export function usePottingsLived(placeKey: string): readonly PottingLived[] | undefined {
  const day = today();
  const queryFn = () =>
    ask(pottingsLivedSchema, `/api/insights/hands?place=${encodeURIComponent(placeKey)}&today=${day}`);
  return useQuery({ queryKey: ['plants', 'hands', placeKey, day], queryFn, enabled: placeKey !== '' }).data;
}
