'use client';

/** The grower's own media, pots and genera, as the server keeps them. */
import { useCallback, useEffect, useState } from 'react';
import type { Genus, OwnMedium, OwnPot } from '@core';
import { fetchOwn, type OwnKind } from '../plants/api';

export interface Owned<T> {
  readonly id: string;
  readonly data: T;
}

interface OwnTypes {
  readonly medium: OwnMedium;
  readonly pot: OwnPot;
  readonly genus: Genus;
}

export interface OwnList<T> {
  readonly items: readonly Owned<T>[];
  readonly reload: () => void;
}

/** Empty until it has come, or when the server cannot be reached: saving says when the server is gone. */
export function useOwn<K extends OwnKind>(kind: K): OwnList<OwnTypes[K]> {
  const [items, setItems] = useState<readonly Owned<OwnTypes[K]>[]>([]);
  const [round, setRound] = useState(0);
  useEffect(() => {
    let isMounted = true;
    fetchOwn<OwnTypes[K]>(kind).then(
      (found) => {
        if (isMounted) setItems(found);
      },
      () => undefined,
    );
    return () => {
      isMounted = false;
    };
  }, [kind, round]);
  const reload = useCallback(() => setRound((before) => before + 1), []);
  return { items, reload };
}
