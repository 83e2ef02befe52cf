import { palettes, variableOf, type ColorName } from './palette';

/** Colours by name for drawings and style attributes: they follow the light or dark wish of the system. */
export const colors = Object.fromEntries(
  Object.keys(palettes.light).map((name) => [name, `var(${variableOf(name)})`]),
) as Readonly<Record<ColorName, string>>;

/** Fills of the media as they look when damp; every family also has its own piece shape. */
export const mediumColors: Readonly<Record<string, string>> = {
  'conifer bark': '#8f6547',
  sphagnum: '#b3b779',
  'live moss': '#86a35a',
  coconut: '#a1744b',
  'tree fern and cork': '#6d523e',
  'soil-like mix': '#66543f',
  charcoal: '#474b4b',
  'expanded clay': '#b4765a',
  'fired clay': '#c08a5f',
  pumice: '#cfc9b8',
  lava: '#6a4a45',
  'baked clay': '#a8763f',
  perlite: '#ecebe2',
  vermiculite: '#b79a5a',
  stone: '#a5aaa9',
  synthetic: '#cfd9dc',
};

/** The dead wood or cork that a plant is tied to. */
export const MOUNT_WOOD = '#8d7152';

export const fonts = {
  text: "'Public Sans Variable', sans-serif",
  latin: "'Newsreader Variable', serif",
} as const;

/** Smallest side of anything to be touched with wet fingers, px. */
export const TOUCH_PX = 44;
