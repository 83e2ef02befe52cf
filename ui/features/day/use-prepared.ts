'use client';

/** The day worked out as it stands: setups for plants that have none, one after another, then the whole of it. */
import { useEffect, useRef, useState } from 'react';
import type { DayAsked, DayKept, DayPlantAsked, InStock, PreparedDay, SetupSpec } from '@core';
import { Latest } from '../../data/latest';
import { messages } from '../../data/messages';
import { messageOf } from '../../data/worker/long-work';
import { startDayWorker } from '../../data/worker/start-worker';

type Running = ReturnType<typeof startDayWorker>;

/** A day worked out, and for which question. */
interface Found {
  readonly key: string;
  readonly prepared: PreparedDay;
}

export interface Prepared {
  readonly prepared: PreparedDay | null;
  /** How many plants wait for a setup; 0 when all have one. */
  readonly settling: number;
  readonly isWorking: boolean;
  readonly choices: (plant: DayPlantAsked) => Promise<readonly SetupSpec[]>;
}

/** onSettled: a plant got its setup. */
export function usePrepared(
  day: DayKept,
  stock: readonly InStock[] | undefined,
  onSettled: (plantId: string, setup: SetupSpec) => void,
): Prepared {
  const [found, setFound] = useState<Found | null>(null);
  const running = useRef<Running | null>(null);
  const latest = useRef<Latest<Found> | null>(null);
  const settlingId = useRef<string | null>(null);
  const worker = (): Running => (running.current ??= startDayWorker());

  useEffect(() => {
    latest.current = new Latest<Found>(setFound, (error) => messages.error(messageOf(error)));
    return () => {
      latest.current?.close();
      running.current?.worker.terminate();
      running.current = null;
      settlingId.current = null;
    };
  }, []);

  const open = day.plants.filter(({ setup }) => setup === undefined);
  const next = open[0];
  useEffect(() => {
    if (!next || settlingId.current === next.id) return;
    settlingId.current = next.id;
    worker()
      .api.settle(next)
      .then(
        (setup) => onSettled(next.id, setup),
        (error: unknown) => messages.error(messageOf(error)),
      );
  }, [next, onSettled]);

  const asked: DayAsked | null =
    open.length === 0 && stock !== undefined ? ({ ...day, stock: [...stock] } as DayAsked) : null;
  const key = asked === null ? null : JSON.stringify(asked);
  useEffect(() => {
    if (key === null) return;
    latest.current?.ask(key, async () => ({ key, prepared: await worker().api.prepare(JSON.parse(key) as DayAsked) }));
  }, [key]);

  return {
    prepared: found?.prepared ?? null,
    settling: open.length,
    isWorking: key !== null && found?.key !== key,
    choices: (plant) => worker().api.choices(plant),
  };
}
