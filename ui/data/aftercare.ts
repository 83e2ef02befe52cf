'use client';

/** What is done after potting, asked for anew with the grower's own day. */
import { useQuery } from '@tanstack/react-query';
import { type AftercareList, aftercareListSchema } from '@server/projections/aftercare/schemas';
import { ask } from './ask';
import { today } from './dates';

/** While what is to come is being worked out, it is asked for again and again. */
const ASK_AGAIN_MS = 1_500;

export function useAftercare(first: AftercareList): AftercareList {
  const day = today();
  const { data } = useQuery({
    queryKey: ['plants', 'nursing', day],
    queryFn: () => ask(aftercareListSchema, `/api/aftercare?today=${day}`),
    initialData: first,
    ...(first.today === day ? {} : { initialDataUpdatedAt: 0 }),
    refetchInterval: ({ state }) => ((state.data?.reckoning ?? 0) > 0 ? ASK_AGAIN_MS : false),
  });
  return data;
}
