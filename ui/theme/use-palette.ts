'use client';

/** The colours in force, for what paints without style sheets: charts on canvas and the component library. */
import { useSyncExternalStore } from 'react';
import { palettes, type Palette, type Scheme } from './palette';

/** On paper the light colours hold, whatever the screen shows. */
const DARK = 'screen and (prefers-color-scheme: dark)';

function subscribe(onChange: () => void): () => void {
  const query = window.matchMedia(DARK);
  query.addEventListener('change', onChange);
  return () => query.removeEventListener('change', onChange);
}

export const useScheme = (): Scheme =>
  useSyncExternalStore<Scheme>(
    subscribe,
    () => (window.matchMedia(DARK).matches ? 'dark' : 'light'),
    () => 'light',
  );

export const usePalette = (): Palette => palettes[useScheme()];
