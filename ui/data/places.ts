'use client';

/** The grower's own places. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Place } from '@core';
import { client } from './client';
import { everyPage, type Kept, type Unreadable } from './pages';

export interface GrowersPlace {
  readonly place: Place;
  /** How often it was changed: sent back with a change. */
  readonly version: number;
}

const queryKey = ['places'] as const;
const nothing: Kept<GrowersPlace> = { items: [], unreadable: [] };

/** Empty until they have come, or when the server cannot be reached. */
function useKept(): Kept<GrowersPlace> {
  const { data } = useQuery({
    queryKey,
    queryFn: () =>
      everyPage<GrowersPlace>(async (cursor) => {
        const { places, versions, ...rest } = await client.places(cursor);
        return { ...rest, items: places.map((place) => ({ place, version: versions[place.id] ?? 1 })) };
      }),
  });
  return data ?? nothing;
}

export const useGrowersPlaces = (): readonly GrowersPlace[] => useKept().items;

/** Places that are kept and cannot be read by this program. */
export const useUnreadablePlaces = (): readonly Unreadable[] => useKept().unreadable;

/** Keeps a new place, or changes one that was seen at a version. */
export function useKeepPlace() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ place, seen }: { readonly place: Place; readonly seen: GrowersPlace | null }) =>
      seen ? client.changePlace({ ...place, id: seen.place.id }, seen.version) : client.savePlace(place),
    onSettled: () => queries.invalidateQueries({ queryKey }),
  });
}
