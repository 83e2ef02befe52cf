'use client';

/** A running day as this device knows it: what the server has, and what is on its way there. */
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type DayEntry, type DayEntryKind, type DayKept, runOf, type RunState } from '@core';
import { type Day, type DayEntryInput, readDayEntry } from '@server/records/days/schemas';
import { NotYetKeptError } from '../../../data/client';
import { dayCalls } from '../../../data/day-calls';
import { messages } from '../../../data/messages';
import { outbox } from '../../../data/outbox/outbox';
import { messageOf } from '../../../data/worker/long-work';
import { newId } from '../../../data/browser/new-id';

interface Own {
  readonly key: string;
  readonly entry: DayEntry;
}

export type EntryData<K extends DayEntryKind> = Extract<DayEntry, { kind: K }>['data'];

export interface Run {
  readonly state: RunState;
  /** false where the server refused it; that is said. */
  readonly write: <K extends DayEntryKind>(
    title: string,
    kind: K,
    data: EntryData<K>,
    potting?: DayEntryInput['potting'],
  ) => Promise<boolean>;
  /** How many entries wait to be sent. */
  readonly waiting: number;
}

const pathOf = (id: string): string => `/api/days/${id}/entries`;

/** What an earlier page, or a lost connection, left on its way. */
async function onTheirWay(id: string): Promise<readonly Own[]> {
  return (await outbox.waiting())
    .filter(({ path, refusal }) => path === pathOf(id) && refusal === null)
    .flatMap(({ key, body }) => {
      const { kind, at, data } = body as DayEntryInput;
      const entry = readDayEntry({ kind, at, data: kind === 'potted' ? { eventId: key, ...data } : data });
      return entry ? [{ key, entry }] : [];
    });
}

export function useRun(first: Day & { readonly day: DayKept }): Run {
  const { id } = first;
  const queries = useQueryClient();
  const queryKey = useMemo(() => ['days', id], [id]);
  const { data } = useQuery({ queryKey, queryFn: () => dayCalls.day(id), initialData: first as Day });
  const [own, setOwn] = useState<readonly Own[]>([]);
  /** Being written by this page: they may not lie in the outbox yet. */
  const inHand = useRef(new Set<string>());

  useEffect(() => {
    let isGone = false;
    void onTheirWay(id).then((found) => {
      if (isGone || found.length === 0) return;
      setOwn((entries) => [...found.filter(({ key }) => !entries.some((own) => own.key === key)), ...entries]);
    });
    return () => {
      isGone = true;
    };
  }, [id]);

  // What was sent later, by itself, is heard of here.
  useEffect(
    () =>
      outbox.onKept(() => {
        void queries.invalidateQueries({ queryKey }).then(async () => {
          const open = new Set((await onTheirWay(id)).map(({ key }) => key));
          setOwn((entries) => entries.filter(({ key }) => open.has(key) || inHand.current.has(key)));
        });
      }),
    [id, queries, queryKey],
  );

  const write: Run['write'] = useCallback(
    async (title, kind, said, potting) => {
      const idempotencyKey = newId();
      const at = new Date().toISOString();
      const entry = { kind, at, data: said } as DayEntry;
      inHand.current.add(idempotencyKey);
      setOwn((entries) => [...entries, { key: idempotencyKey, entry }]);
      const body = { kind, at, idempotencyKey, data: said as Record<string, unknown>, ...(potting ? { potting } : {}) };
      const done = () => setOwn((entries) => entries.filter(({ key }) => key !== idempotencyKey));
      try {
        const day = await dayCalls.writeEntry(title, id, body as DayEntryInput);
        queries.setQueryData(queryKey, day);
        done();
        if (kind === 'potted' || kind === 'broken') await queries.invalidateQueries({ queryKey: ['stock'] });
        return true;
      } catch (error) {
        // It stays here and is sent as soon as it can be.
        if (error instanceof NotYetKeptError) return true;
        done();
        messages.error(messageOf(error));
        return false;
      } finally {
        inHand.current.delete(idempotencyKey);
      }
    },
    [id, queries, queryKey],
  );

  const state = useMemo(
    () => runOf(data.day ?? first.day, [...data.entries, ...own.map(({ entry }) => entry)]),
    [data, first.day, own],
  );
  return { state, write, waiting: own.length };
}
