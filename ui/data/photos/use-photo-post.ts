'use client';

/** Sends what waits at the start of a page, and when the connection is back. */
import { useEffect } from 'react';
import { photoPost } from './post';

export function usePhotoPost(): void {
  useEffect(() => {
    const send = () => void photoPost.sendWaiting();
    send();
    window.addEventListener('online', send);
    return () => window.removeEventListener('online', send);
  }, []);
}
