'use client';

/** Plants and their logs. */
import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { PlantLog, PlantPage } from '@server/plants/schemas';
import type { InspectionInput, LookInput } from '@server/events/schemas';
import type { WaitingList } from '@server/waiting/schemas';
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

/** Plants found by words; undefined until the first answer, and while nothing is looked for. What was found stays until more is. */
export function useFoundPlants(search: string): PlantPage | undefined {
  const { data } = useQuery({
    queryKey: ['plants', 'found', search],
    queryFn: () => client.findPlants(search),
    enabled: search !== '',
    placeholderData: keepPreviousData,
  });
  return search === '' ? undefined : data;
}

export function usePlant(log: PlantLog): PlantLog {
  const { data } = useQuery({
    queryKey: ['plants', 'log', log.id],
    queryFn: () => client.plant(log.id),
    initialData: log,
  });
  return data;
}

export function useSaveInspection() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (form: InspectionInput) => client.saveInspection(form),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['plants'] }),
  });
}

/** A look at a plant that waits, or its beginning to wait. */
export function useSaveLook() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (form: LookInput) => client.saveLook(form),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['plants'] }),
  });
}

/** Plants that wait for a sign. */
export function useWaiting(first: WaitingList): WaitingList {
  const { data } = useQuery({
    queryKey: ['plants', 'waiting'],
    queryFn: () => client.waiting(),
    initialData: first,
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
