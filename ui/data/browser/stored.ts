/** Text in the browser's storage, read by components as an outside store. */
import { useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

export function writeStored(key: string, text: string): void {
  localStorage.setItem(key, text);
  listeners.forEach((listener) => listener());
}

/** The stored text; null on the server and where there is none. */
export function useStored(key: string): string | null {
  return useSyncExternalStore(
    subscribe,
    () => localStorage.getItem(key),
    () => null,
  );
}

/** False while the server's page is shown, true once the browser has taken over. */
export function useIsBrowser(): boolean {
  return useSyncExternalStore(
    () => () => undefined,
    () => true,
    () => false,
  );
}
