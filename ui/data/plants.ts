'use client';

/** Plants and their logs. */
import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { PlantLog, PlantPage } from '@server/plants/schemas';
import { client, type PottedForm, UnreachableError } from './client';

export function usePlants(firstPage: PlantPage) {
  return useInfiniteQuery({
    queryKey: ['plants', 'list'],
    queryFn: ({ pageParam }) => client.plants(pageParam),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.next,
    initialData: { pages: [firstPage], pageParams: [null] },
  });
}

export function usePlant(log: PlantLog): PlantLog {
  const { data } = useQuery({
    queryKey: ['plants', 'log', log.id],
    queryFn: () => client.plant(log.id),
    initialData: log,
  });
  return data;
}

/** A potting carries its own key, so that asking again after a lost answer saves it once. */
const RETRY_AFTER_MS = 500;

export function useSavePotting() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (form: PottedForm) => client.savePotting(form),
    retry: (failures, error) => error instanceof UnreachableError && failures < 1,
    retryDelay: RETRY_AFTER_MS,
    onSuccess: () => queries.invalidateQueries({ queryKey: ['plants'] }),
  });
}
