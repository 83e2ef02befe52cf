'use client';

/** Deleting many things of a kind at once: all of them or none, said, and taken back by one touch. */
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { manyBroughtBack, manyDeleted } from '@core/words';
import type { DeletableKind, Deletions } from '@server/api/deletions-schemas';
import { NotYetKeptError } from './client';
import { outbox } from './outbox/outbox';
import { messages } from './messages';
import { messageOf } from './worker/long-work';

/** Seconds in which a deletion can be taken back on the spot. */
const UNDO_SECONDS = 12;

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
  const queries = useQueryClient();
  const router = useRouter();
  return useCallback(
    async (kind, ids) => {
      const tell = (error: unknown) =>
        error instanceof NotYetKeptError ? messages.info(messageOf(error)) : messages.error(messageOf(error));
      try {
        await send({ kind, ids: [...ids] });
      } catch (error) {
        tell(error);
        return false;
      }
      const refresh = async () => {
        await queries.invalidateQueries();
        // What the page brought with it.
        router.refresh();
      };
      await refresh();
      const key = `undo-${ids[0]}`;
      const take = () => {
        messages.takeBack(key);
        send({ kind, ids: [...ids], isUndone: true }).then(refresh, tell);
      };
      const [one, many] = deletableNames[kind];
      messages.info(`${manyDeleted(ids.length, one, many)}.`, {
        key,
        seconds: UNDO_SECONDS,
        action: { name: 'Undo', take },
      });
      return true;
    },
    [queries, router],
  );
}
