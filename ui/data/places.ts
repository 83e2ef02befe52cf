'use client';

/** The grower's own places. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Place } from '@core';
import { client } from './client';
import { everyPage } from './pages';

export interface OwnPlace {
  readonly place: Place;
  /** How often it was changed: sent back with a change. */
  readonly version: number;
}

const queryKey = ['places'] as const;
const none: readonly OwnPlace[] = [];

/** Empty until they have come, or when the server cannot be reached. */
export function useOwnPlaces(): readonly OwnPlace[] {
  const { data } = useQuery({
    queryKey,
    queryFn: () =>
      everyPage<OwnPlace>(async (cursor) => {
        const { places, versions, next } = await client.places(cursor);
        return { items: places.map((place) => ({ place, version: versions[place.id] ?? 1 })), next };
      }),
  });
  return data ?? none;
}

/** Keeps a new place, or changes one that was seen at a version. */
export function useKeepPlace() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ place, seen }: { readonly place: Place; readonly seen: OwnPlace | null }) =>
      seen ? client.changePlace({ ...place, id: seen.place.id }, seen.version) : client.savePlace(place),
    onSettled: () => queries.invalidateQueries({ queryKey }),
  });
}
