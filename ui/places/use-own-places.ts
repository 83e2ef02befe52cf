'use client';

import { useEffect, useState } from 'react';
import type { Place } from '@core';
import { fetchPlaces } from '../plants/api';

/** The grower's own places; empty until they have come, or when the server cannot be reached. */
export function useOwnPlaces(): readonly Place[] {
  const [places, setPlaces] = useState<readonly Place[]>([]);
  useEffect(() => {
    let isMounted = true;
    fetchPlaces().then(
      (found) => {
        if (isMounted) setPlaces(found);
      },
      // The demo places remain, and saving says when the server is gone.
      () => undefined,
    );
    return () => {
      isMounted = false;
    };
  }, []);
  return places;
}
