'use client';

/** What the grower's own record says of such plants in this place: it counts unless they say that it should not. */
import { useEffect } from 'react';
import { type Genus, genusById, genusIds, handsRecordOf, type Place } from '@core';
import { usePottingsLived } from '../../../data/insights';
import { useCase } from './case-store';

export function useHandsRecord(): void {
  const given = useCase((state) => state.answers.genus) as string | Genus | undefined;
  const place = useCase((state) => state.answers.place) as string | Place | undefined;
  const placeKey = typeof place === 'object' ? place.id : (place ?? '');
  const lived = usePottingsLived(placeKey);
  useEffect(() => {
    const genus =
      typeof given === 'object' ? given : given !== undefined && genusIds.includes(given) ? genusById(given) : null;
    const handsRecord = genus === null || lived === undefined ? [] : handsRecordOf(lived, genus);
    const before = useCase.getState().handsRecord;
    // Nothing is worked out anew for the same record.
    if (JSON.stringify(before) !== JSON.stringify(handsRecord)) useCase.setState({ handsRecord });
  }, [given, lived]);
}
