'use client';

/** The places a grower chooses from: their own. The example's are its grower's own there, elsewhere they are shown where they are asked for. */
import { useMemo } from 'react';
import { demoPlaces, type Place } from '@core';
import { useOpenCollection } from './browser/collection';
import { useGrowersPlaces } from './places';

export interface PlaceChoices {
  readonly mine: readonly Place[];
  readonly examples: readonly Place[];
  /** For a list to choose from: one's own, and the examples as long as there is none. */
  readonly offered: readonly Place[];
}

export function usePlaceChoices(): PlaceChoices {
  const own = useGrowersPlaces();
  const isExample = useOpenCollection() === 'example';
  return useMemo(() => {
    const places = own.map(({ place }) => place);
    const mine = isExample ? [...places, ...demoPlaces] : places;
    return { mine, examples: isExample ? [] : demoPlaces, offered: mine.length > 0 ? mine : demoPlaces };
  }, [own, isExample]);
}
