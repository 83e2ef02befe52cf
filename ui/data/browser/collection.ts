'use client';

/** Which collection this page shows: one's own, or the example. The server says it with the page. */
import { createContext, useContext } from 'react';

export type OpenCollection = 'home' | 'example';

export const CollectionContext = createContext<OpenCollection>('home');
export const useOpenCollection = (): OpenCollection => useContext(CollectionContext);

/** Outside components. What a page sends belongs to what it shows, whatever another window has opened meanwhile. */
export const openedCollection = (): OpenCollection =>
  typeof document !== 'undefined' && document.documentElement.dataset.collection === 'example' ? 'example' : 'home';

const COOKIE = 'tender-cairn-collection';
const SECONDS_PER_YEAR = 31_536_000;

/** What lies half done in this browser belongs to the collection it was begun in. */
const ofOneCollection = [
  'tender-cairn.bench',
  'tender-cairn.last-answer',
  'tender-cairn.inspection',
  'tender-cairn.list-to-take-in',
  'tender-cairn.new-place',
  'tender-cairn.new-plant',
] as const;

function layAside(from: OpenCollection, to: OpenCollection): void {
  if (from === to) return;
  for (const key of ofOneCollection) {
    const [begun, before] = [localStorage.getItem(key), localStorage.getItem(`${key}@${to}`)];
    if (begun === null) localStorage.removeItem(`${key}@${from}`);
    else localStorage.setItem(`${key}@${from}`, begun);
    if (before === null) localStorage.removeItem(key);
    else localStorage.setItem(key, before);
    localStorage.removeItem(`${key}@${to}`);
  }
}

/** This window is on its way to another collection. */
let isLeaving = false;

/** Opens a collection, and a page in it. */
export function openCollection(to: OpenCollection, path = '/'): void {
  isLeaving = to !== openedCollection();
  layAside(openedCollection(), to);
  document.cookie = `${COOKIE}=${to}; Path=/; Max-Age=${SECONDS_PER_YEAR}; SameSite=Lax`;
  window.location.assign(path);
}

/** What this browser chose last, in whichever window; null where it never chose. */
function chosenCollection(): string | null {
  const said = document.cookie.split(';').map((part) => part.trim().split('='));
  return said.find(([name]) => name === COOKIE)?.[1] ?? null;
}

/**
 * Another window may have opened the other collection: whoever comes back to this one finds it showing the same. Returns what
 * ends the watch. reload: shows the page anew.
 */
export function watchCollection(reload: () => void): () => void {
  const look = () => {
    if (isLeaving) return;
    const chosen = chosenCollection();
    if (document.visibilityState === 'visible' && chosen !== null && chosen !== openedCollection()) reload();
  };
  document.addEventListener('visibilitychange', look);
  window.addEventListener('focus', look);
  return () => {
    document.removeEventListener('visibilitychange', look);
    window.removeEventListener('focus', look);
  };
}
