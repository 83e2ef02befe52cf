'use client';

/** What changed lately, and what the record says. */
import { useQuery } from '@tanstack/react-query';
import { type Insights, insightsSchema } from '@server/projections/insights/schemas';
import { ask } from './ask';
import { today } from './dates';

/** undefined until it has come: the rest of the page does not wait for it. */
export function useInsights(): Insights | undefined {
  const day = today();
  const queryFn = () => ask(insightsSchema, `/api/insights?today=${day}`);
  return useQuery({ queryKey: ['plants', 'learned', day], queryFn }).data;
}
