'use client';

/** The grower's own media, pots and genera. */
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type LibraryKind } from './client';
import { everyPage, type Kept, type Unreadable } from './pages';
import { messageOf } from './worker/long-work';
import type { LibraryEntry, LibraryTypes } from '@server/records/library/schemas';
import { messages } from './messages';

const keyOf = (kind: LibraryKind) => ['own', kind] as const;

const nothing: Kept<never> = { items: [], unreadable: [] };

/** Empty until they have come, or when the server cannot be reached: saving says when the server is gone. */
function useKept<K extends LibraryKind>(kind: K): Kept<LibraryEntry<K>> {
  const { data } = useQuery({
    queryKey: keyOf(kind),
    queryFn: () => everyPage<LibraryEntry<K>>((cursor) => client.own(kind, cursor)),
  });
  return data ?? nothing;
}

export const useLibrary = <K extends LibraryKind>(kind: K): readonly LibraryEntry<K>[] => useKept(kind).items;

/** What is kept of a kind and cannot be read by this program. */
export const useUnreadableItems = (kind: LibraryKind): readonly Unreadable[] => useKept(kind).unreadable;

/** Puts new values into a thing as it was seen; one changed meanwhile is not overwritten. */
export function useChangeLibraryItem<K extends LibraryKind>(kind: K) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: ({ seen, data }: { readonly seen: LibraryEntry<K>; readonly data: LibraryTypes[K] }) =>
      client.changeLibraryItem(kind, seen, data),
    onSettled: () =>
      Promise.all([
        queries.invalidateQueries({ queryKey: keyOf(kind) }),
        queries.invalidateQueries({ queryKey: ['own history', kind] }),
      ]),
  });
}

/** What a thing was before its changes; asked only while `isOpen`. */
export function useItemHistory<K extends LibraryKind>(kind: K, id: string, isOpen: boolean) {
  return useQuery({
    queryKey: ['own history', kind, id],
    queryFn: () => client.ownHistory(kind, id),
    enabled: isOpen,
  });
}

export function useSaveLibraryItem<K extends LibraryKind>(kind: K) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (data: LibraryTypes[K]) => client.saveLibraryItem(kind, data),
    onSuccess: () => queries.invalidateQueries({ queryKey: keyOf(kind) }),
  });
}

export interface PutAway {
  readonly putAway: (id: string) => void;
  /** Brings the last one back; null while there is none to bring back. */
  readonly undo: (() => void) | null;
}

/** Puts an own thing away at once, and back where the server refuses; offers it back afterwards. */
export function usePutAway(kind: LibraryKind): PutAway {
  const queries = useQueryClient();
  const [last, setLast] = useState<string | null>(null);
  const queryKey = keyOf(kind);
  const settle = () => queries.invalidateQueries({ queryKey });
  const away = useMutation({
    mutationFn: (id: string) => client.remove(`own/${kind}`, id),
    onMutate: async (id) => {
      await queries.cancelQueries({ queryKey });
      const before = queries.getQueryData<Kept<LibraryEntry>>(queryKey);
      queries.setQueryData<Kept<LibraryEntry>>(
        queryKey,
        (kept) => kept && { ...kept, items: kept.items.filter((item) => item.id !== id) },
      );
      return { before };
    },
    onSuccess: (_done, id) => setLast(id),
    onError: (error, _id, context) => {
      queries.setQueryData(queryKey, context?.before);
      messages.error(messageOf(error));
    },
    onSettled: settle,
  });
  const back = useMutation({
    mutationFn: (id: string) => client.restore(`own/${kind}`, id),
    onSuccess: () => setLast(null),
    onError: (error) => messages.error(messageOf(error)),
    onSettled: settle,
  });
  return { putAway: (id) => away.mutate(id), undo: last === null ? null : () => back.mutate(last) };
}
