'use client';

/** Plants and their logs. */
import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { DueList } from '@server/projections/due/schemas';
import type { Facets, PlantLog, PlantPage, PlantSummary } from '@server/projections/plants/schemas';
import type { InspectionInput, SignCheckInput } from '@server/records/journal/schemas';
import type { SignWatch } from '@server/projections/sign-watch/schemas';
import { client, type PlantsAsked } from './client';
import { today } from './dates';

/** asked: as it stands in the address; first: what the page brought, of this asking. */
export function usePlants(asked: PlantsAsked, first: PlantPage | undefined) {
  return useInfiniteQuery({
    queryKey: ['plants', 'list', asked],
    queryFn: ({ pageParam }) => client.plants(asked, pageParam),
    initialPageParam: null as string | null,
    getNextPageParam: (page) => page.next,
    placeholderData: keepPreviousData,
    ...(first ? { initialData: { pages: [first], pageParams: [null] } } : {}),
  });
}

export function useFacets(first: Facets): Facets {
  const { data } = useQuery({ queryKey: ['plants', 'facets'], queryFn: client.facets, initialData: first });
  return data;
}

/** While what is to come is being worked out, it is asked for again and again. */
const ASK_AGAIN_MS = 1_500;

export function useDue(first: DueList): DueList {
  const day = today();
  const { data } = useQuery({
    queryKey: ['plants', 'due', day],
    queryFn: () => client.due(day),
    initialData: first,
    // The server's day may be another than the grower's.
    ...(first.today === day ? {} : { initialDataUpdatedAt: 0 }),
    refetchInterval: ({ state }) => ((state.data?.reckoning ?? 0) > 0 ? ASK_AGAIN_MS : false),
  });
  return data;
}

export function usePlant(log: PlantLog): PlantLog {
  const { data } = useQuery({
    queryKey: ['plants', 'log', log.id],
    queryFn: () => client.plant(log.id, today()),
    initialData: log,
    refetchInterval: ({ state }) => (state.data?.isReckoned === false ? ASK_AGAIN_MS : false),
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
export function useSaveSignCheck() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (form: SignCheckInput) => client.saveLook(form),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['plants'] }),
  });
}

/** Plants that wait for a sign. */
export function useSignWatch(first: SignWatch): SignWatch {
  const { data } = useQuery({
    queryKey: ['plants', 'waiting'],
    queryFn: () => client.waiting(),
    initialData: first,
  });
  return data;
}

/** After what was potted or planned has been kept: lists and stock are read anew. */
export function useKeptOfPlant(): () => Promise<unknown> {
  const queries = useQueryClient();
  return () =>
    Promise.all([
      queries.invalidateQueries({ queryKey: ['plants'] }),
      queries.invalidateQueries({ queryKey: ['stock'] }),
    ]);
}

/** More than these pages are no list but a fault. */
const MOST_PAGES = 100;

/** All pages of a list. */
export async function everyPlant(asked: PlantsAsked): Promise<readonly PlantSummary[]> {
  const plants: PlantSummary[] = [];
  let after: string | null = null;
  for (let page = 0; page < MOST_PAGES; page += 1) {
    const { plants: more, next }: PlantPage = await client.plants({ ...asked, limit: '200' }, after);
    plants.push(...more);
    if (next === null) return plants;
    after = next;
  }
  throw new Error('The list does not end. Load the page again.');
}
