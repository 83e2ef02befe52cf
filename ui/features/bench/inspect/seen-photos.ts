'use client';

/** Photographs of the plant that is looked over, as they stand in what was seen so far. */
import { see, useInspect } from '../state/inspect-store';

const none: readonly string[] = [];

export function useSeenPhotos() {
  const ids = useInspect((state) => state.seen.photoIds ?? none);
  const onChange = (change: (ids: readonly string[]) => readonly string[]) => {
    const left = change(useInspect.getState().seen.photoIds ?? none);
    see({ photoIds: left.length > 0 ? [...left] : undefined });
  };
  return { ids, onChange };
}
