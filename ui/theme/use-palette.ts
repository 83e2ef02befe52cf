'use client';

/** The colours in force, for what paints without style sheets: charts on canvas and the component library. */
import { palettes, type Palette, type Scheme } from './palette';
import { useMedia } from './use-media';

/** On paper the light colours hold, whatever the screen shows. */
export const useScheme = (): Scheme => (useMedia('screen and (prefers-color-scheme: dark)') ? 'dark' : 'light');

export const usePalette = (): Palette => palettes[useScheme()];
