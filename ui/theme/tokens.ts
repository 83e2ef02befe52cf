/** Colours and measures of the look. docs/design.md says why; contrast is checked in tests. */
export const colors = {
  /** Ground: dry lichen. */
  ground: '#e6e9df',
  paper: '#f8f9f4',
  raised: '#ffffff',
  ink: '#1f2b26',
  inkSoft: '#4d5a53',
  line: '#c3cabb',
  moss: '#35613d',
  mossPale: '#dbe6d6',
  clay: '#94452a',
  clayPale: '#f1e0d7',
  water: '#1c6286',
  waterPale: '#d3e5ee',
  straw: '#7a5a12',
  bad: '#8b2d2a',
} as const;

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

export const fonts = {
  text: "'Public Sans Variable', system-ui, sans-serif",
  latin: "'Newsreader Variable', Georgia, serif",
} as const;

/** Smallest side of anything to be touched with wet fingers, px. */
export const TOUCH_PX = 44;
