'use client';

/** What is done after potting, asked for anew with the grower's own day. */
import { useQuery } from '@tanstack/react-query';
import { type NursingList, nursingListSchema } from '@server/nursing/schemas';
import { ask } from './ask';
import { today } from './look-days';

export function useNursing(first: NursingList): NursingList {
  const day = today();
  const { data } = useQuery({
    queryKey: ['plants', 'nursing', day],
    queryFn: () => ask(nursingListSchema, `/api/nursing?today=${day}`),
    initialData: first,
    ...(first.today === day ? {} : { initialDataUpdatedAt: 0 }),
  });
  return data;
}
