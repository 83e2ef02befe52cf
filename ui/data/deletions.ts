'use client';

/** Deleting many things of a kind at once: all of them or none, said, and taken back by one touch. */
import { useCallback } from 'react';
import { manyBroughtBack, manyDeleted } from '@core/words';
import type { DeletableKind, Deletions } from '@server/api/deletions-schemas';
import { outbox } from './outbox/outbox';
import { useRemoval } from './use-undoable';

/** One of a kind, and several, as they are called. */
export const deletableNames: Readonly<Record<DeletableKind, readonly [one: string, many: string]>> = {
  plant: ['plant', 'plants'],
  place: ['place', 'places'],
  medium: ['medium', 'media'],
  genus: ['genus', 'genera'],
  stock: ['thing in stock', 'things in stock'],
  view: ['view', 'views'],
  trial: ['trial', 'trials'],
  day: ['potting day', 'potting days'],
};

async function send(body: Deletions & { readonly ids: readonly string[] }): Promise<void> {
  const [one, many] = deletableNames[body.kind];
  const title = (body.isUndone ? manyBroughtBack : manyDeleted)(body.ids.length, one, many);
  await outbox.deliver({ title, method: 'POST', path: '/api/deletions', body });
}

/** True once they are deleted. */
export function useDeleteMany(): (kind: DeletableKind, ids: readonly string[]) => Promise<boolean> {
  const remove = useRemoval();
  return useCallback(
    (kind, ids) =>
      remove({
        id: ids[0]!,
        said: manyDeleted(ids.length, ...deletableNames[kind]),
        remove: () => send({ kind, ids: [...ids] }),
        restore: () => send({ kind, ids: [...ids], isUndone: true }),
      }),
    [remove],
  );
}
