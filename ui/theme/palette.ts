/** Every colour of the look, by daylight and in the dark. docs/design.md says why; contrast is checked in tests. */
const light = {
  /** Ground: dry lichen. */
  ground: '#e6e9df',
  paper: '#f8f9f4',
  raised: '#ffffff',
  ink: '#1f2b26',
  inkSoft: '#4d5a53',
  /** What is written on ink, moss, water, clay or straw as a ground. */
  onInk: '#ffffff',
  line: '#c3cabb',
  border: '#8d978a',
  rail: '#b9c2b2',
  trough: '#d7ddd0',
  moss: '#35613d',
  mossPale: '#dbe6d6',
  clay: '#94452a',
  clayPale: '#f1e0d7',
  clayHatch: '#d89a7f',
  water: '#1c6286',
  waterPale: '#d3e5ee',
  straw: '#7a5a12',
  strawPale: '#f3ead0',
  strawHatch: '#c9a227',
  bad: '#8b2d2a',
  plank: '#b9a98c',
} as const;

export type ColorName = keyof typeof light;
export type Palette = Readonly<Record<ColorName, string>>;
export type Scheme = 'light' | 'dark';

/** A bench by lamp light: the same colours, the ground dark and the marks pale. */
const dark: Palette = {
  ground: '#171d1a',
  paper: '#1f2723',
  raised: '#2a332e',
  ink: '#e6ebe2',
  inkSoft: '#b0bbb3',
  onInk: '#131a16',
  line: '#414d46',
  border: '#7d897f',
  rail: '#4f5c54',
  trough: '#333d37',
  moss: '#93c79b',
  mossPale: '#2b3f31',
  clay: '#e8a184',
  clayPale: '#46291f',
  clayHatch: '#a45a3f',
  water: '#82c2e2',
  waterPale: '#1e3f50',
  straw: '#dcba63',
  strawPale: '#3d3418',
  strawHatch: '#b18d1f',
  bad: '#f2958f',
  plank: '#6a5c45',
};

export const palettes: Readonly<Record<Scheme, Palette>> = { light, dark };

/** `inkSoft` is `--ink-soft` in the style sheets. */
export const variableOf = (name: string) => `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;
