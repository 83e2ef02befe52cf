'use client';

/** The two collections, and removing the example as one. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import { collectionsSchema } from '@server/records/collections/schemas';
import { ask, understood } from './ask';
import { call } from './browser/transport';

const queryKey = ['collections'] as const;

export const useCollections = () => useQuery({ queryKey, queryFn: () => ask(collectionsSchema, '/api/collections') });

export function useRemoveExample() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: async (isRemoved: boolean) =>
      understood(
        z.null(),
        await (isRemoved
          ? call('DELETE', '/api/collections/example')
          : call('POST', '/api/collections/example/restore')),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey }),
  });
}
