'use client';

/** Photographs for the screen: taken, on their way, or kept. */
import { useEffect, useState } from 'react';
import { photoTypes } from '@server/records/photos/schemas';
import { photoPost } from './post';

export interface ShownPhoto {
  readonly id: string;
  readonly url: string;
  /** Still in this browser only. */
  readonly isWaiting: boolean;
  readonly refusal: string | null;
}

/** What a browser lets choose; others are told at once. */
export const isPhoto = ({ type }: Blob): boolean => (photoTypes as readonly string[]).includes(type);

/** The photographs of these ids, small: from the shelf while they lie there, else from the server. */
export function usePhotos(ids: readonly string[]): readonly ShownPhoto[] {
  const [shown, setShown] = useState<readonly ShownPhoto[]>([]);
  const key = ids.join();
  useEffect(() => {
    let isOver = false;
    let urls: string[] = [];
    const look = async () => {
      const found = await Promise.all(ids.map((id) => photoPost.waiting(id)));
      if (isOver) return;
      urls.forEach((url) => URL.revokeObjectURL(url));
      urls = [];
      setShown(
        ids.map((id, n): ShownPhoto => {
          const waiting = found[n];
          if (!waiting) return { id, url: `/api/photos/${id}/small`, isWaiting: false, refusal: null };
          const url = URL.createObjectURL(waiting.file);
          urls.push(url);
          return { id, url, isWaiting: true, refusal: waiting.refusal };
        }),
      );
    };
    void look();
    const end = photoPost.onChange(() => void look());
    return () => {
      isOver = true;
      end();
      urls.forEach((url) => URL.revokeObjectURL(url));
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the ids, not the list that holds them
  }, [key]);
  return shown;
}
