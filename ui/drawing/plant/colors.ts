/** What leaves, bulbs, roots and flowers are drawn in, wherever a plant is drawn. */
export const LEAF = '#7d9a6a';
export const YOUNG_LEAF = '#a3bd78';
export const LEAF_LINE = '#2d4a31';
export const PSEUDOBULB = '#a9b184';
export const YOUNG_PSEUDOBULB = '#c6d39c';
export const ROOT = '#eee9d2';
export const ROOT_LINE = '#3a3f30';
export const ROOT_TIP = '#5f8f4a';
export const BLOOM = '#b4637f';
export const BLOOM_EYE = '#f2d27a';
