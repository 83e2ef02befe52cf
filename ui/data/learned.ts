'use client';

/** What changed lately, and what the record says. */
import { useQuery } from '@tanstack/react-query';
import { type Learned, learnedSchema } from '@server/projections/insights/schemas';
import { ask } from './ask';
import { today } from './look-days';

/** undefined until it has come: the rest of the page does not wait for it. */
export function useInsights(): Learned | undefined {
  const day = today();
  const queryFn = () => ask(learnedSchema, `/api/learned?today=${day}`);
  return useQuery({ queryKey: ['plants', 'learned', day], queryFn }).data;
}
