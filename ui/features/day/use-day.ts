'use client';

/** A day on its way: changed here, kept at the server a moment later, and told where somebody else changed it meanwhile. */
import { useCallback, useEffect, useRef, useState } from 'react';
import type { DayKept, SetupSpec } from '@core';
import { type Day, savedDaySchema } from '@server/records/days/schemas';
import { ConflictError, NotYetKeptError } from '../../data/client';
import { dayCalls } from '../../data/day-calls';
import { messages } from '../../data/messages';
import { outbox } from '../../data/outbox/outbox';
import { messageOf } from '../../data/worker/long-work';
import * as z from 'zod';

/** So long after the last touch it is sent. */
const SETTLE_MS = 500;

const conflictSchema = z.object({ day: savedDaySchema, version: z.number() });

export interface DayDraft {
  readonly day: DayKept;
  readonly change: (change: (day: DayKept) => DayKept) => void;
  readonly setSetup: (plantId: string, setup: SetupSpec) => void;
  /** What is kept by somebody else; null where nobody was faster. */
  readonly theirs: DayKept | null;
  readonly takeTheirs: () => void;
  readonly keepMine: () => void;
  readonly isKept: boolean;
}

/** What an earlier page changed and has not yet sent; null where nothing waits. */
async function unsentDay(id: string): Promise<DayKept | null> {
  const letters = await outbox.waiting();
  const own = letters.filter(({ path, method, refusal }) => path === `/api/days/${id}` && method === 'PUT' && !refusal);
  const read = savedDaySchema.safeParse(own.at(-1)?.body);
  return read.success ? read.data : null;
}

export function useDayDraft(first: Day & { readonly day: DayKept }): DayDraft {
  const [day, setDay] = useState(first.day);
  const [conflict, setConflict] = useState<{ readonly day: DayKept; readonly version: number } | null>(null);
  const [isKept, setKept] = useState(true);
  const version = useRef(first.version);
  const newest = useRef<DayKept | null>(null);
  const isSending = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);

  const send = useCallback(async () => {
    clearTimeout(timer.current);
    if (isSending.current) return;
    isSending.current = true;
    for (let wanted = newest.current; wanted !== null; wanted = newest.current) {
      newest.current = null;
      try {
        version.current = (await dayCalls.saveDay(first.id, wanted, version.current)).version;
        if (newest.current === null) setKept(true);
      } catch (error) {
        const current = error instanceof ConflictError ? conflictSchema.safeParse(error.current) : null;
        if (current?.success) setConflict(current.data);
        // What waits in the browser is sent by itself.
        else if (!(error instanceof NotYetKeptError)) messages.error(messageOf(error));
        break;
      }
    }
    isSending.current = false;
  }, [first.id]);

  useEffect(() => {
    // Whoever turns away from the page keeps what is on it.
    const leave = () => void send();
    document.addEventListener('visibilitychange', leave);
    return () => {
      document.removeEventListener('visibilitychange', leave);
      leave();
    };
  }, [send]);

  const later = useCallback(
    (wanted: DayKept) => {
      newest.current = wanted;
      setKept(false);
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void send(), SETTLE_MS);
    },
    [send],
  );
  const latest = useRef(day);
  const change = useCallback(
    (how: (day: DayKept) => DayKept) => {
      latest.current = how(latest.current);
      setDay(latest.current);
      later(latest.current);
    },
    [later],
  );
  const setSetup = useCallback(
    (plantId: string, setup: SetupSpec) =>
      change((before) => ({
        ...before,
        plants: before.plants.map((plant) =>
          plant.id === plantId ? { ...plant, setup: setup as NonNullable<typeof plant.setup> } : plant,
        ),
      })),
    [change],
  );
  // What an earlier page left on its way is what stands here; it is the same letter, sent once.
  useEffect(() => {
    let isGone = false;
    void unsentDay(first.id).then((unsent) => {
      if (unsent && !isGone && newest.current === null) change(() => unsent);
    });
    return () => {
      isGone = true;
    };
  }, [first.id, change]);
  return {
    day,
    change,
    setSetup,
    theirs: conflict?.day ?? null,
    takeTheirs: () => {
      if (!conflict) return;
      version.current = conflict.version;
      latest.current = conflict.day;
      newest.current = null;
      setDay(conflict.day);
      setConflict(null);
      setKept(true);
    },
    keepMine: () => {
      if (!conflict) return;
      version.current = conflict.version;
      setConflict(null);
      later(latest.current);
    },
    isKept,
  };
}
