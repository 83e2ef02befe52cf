'use client';

/** Plants and their logs. */
import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { PlantLog, PlantPage } from '@server/plants/schemas';
import { client, type PottedForm } from './client';

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

export function useSavePotting() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (form: PottedForm) => client.savePotting(form),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['plants'] }),
  });
}
