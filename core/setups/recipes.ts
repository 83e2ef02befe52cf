/**
 * The ways of potting and what each is made of: families and shares the generator combines with
 * grades and pots. Common practice, no source.
 */
import type { MediumFamily } from '../media';
import type { Approach } from './spec';

export interface Recipe {
  readonly approach: Approach;
  /** Family that makes up the mix; its grade follows the roots. */
  readonly base: MediumFamily;
  /** Media mixed in, with the parts to four of the base. */
  readonly additions: readonly { readonly mediumId: string; readonly partsToFour: number }[];
  readonly vesselKinds: readonly string[];
}

const pots = ['plastic-clear-cone', 'plastic-round', 'plastic-slotted', 'clay-unglazed'] as const;
const plain = (base: MediumFamily, approach: Approach, vesselKinds: readonly string[]): Recipe => ({
  approach,
  base,
  additions: [],
  vesselKinds,
});
const with1 = (recipe: Recipe, mediumId: string, partsToFour: number): Recipe => ({
  ...recipe,
  additions: [...recipe.additions, { mediumId, partsToFour }],
});

const barkPot = plain('conifer bark', 'organic pot', pots);
const clayGranules = plain('fired clay', 'moist inorganic', ['plastic-round', 'clay-unglazed', 'plastic-clear-cone']);
const pumicePot = plain('pumice', 'moist inorganic', ['plastic-round', 'clay-unglazed', 'plastic-slotted']);

export const recipes: readonly Recipe[] = [
  barkPot,
  with1(barkPot, 'sphagnum-chopped', 1),
  with1(barkPot, 'sphagnum-chopped', 2),
  with1(barkPot, 'charcoal-8-16', 1),
  with1(barkPot, 'perlite-3-6', 1),
  plain('coconut', 'organic pot', ['plastic-clear-cone', 'plastic-slotted', 'clay-unglazed']),
  plain('tree fern and cork', 'organic pot', ['plastic-clear-cone', 'clay-unglazed']),
  plain('sphagnum', 'moss pot', ['plastic-clear-cone', 'clay-unglazed', 'net-pot']),
  clayGranules,
  pumicePot,
  with1(pumicePot, 'fired-clay-2-5', 2),
  plain('baked clay', 'moist inorganic', ['plastic-round', 'clay-unglazed']),
  plain('lava', 'moist inorganic', ['plastic-clear-cone', 'clay-unglazed']),
  plain('expanded clay', 'moist inorganic', ['plastic-clear-cone', 'clay-unglazed']),
  plain('expanded clay', 'side-hole reservoir', ['side-hole-pot']),
  plain('pumice', 'side-hole reservoir', ['side-hole-pot']),
  plain('expanded clay', 'wick reservoir', ['wick-pot']),
  plain('fired clay', 'wick reservoir', ['wick-pot']),
  plain('pumice', 'wick reservoir', ['wick-pot']),
  plain('conifer bark', 'basket', ['slat-basket']),
  plain('lava', 'basket', ['slat-basket']),
  plain('charcoal', 'basket', ['slat-basket', 'net-pot']),
  plain('soil-like mix', 'soil-like mix', ['plastic-round', 'plastic-deep', 'clay-unglazed', 'plastic-pan']),
];

/** Pads for mounts, cm of sphagnum; 0 = bare roots. */
export const mountPadsCm: readonly number[] = [0, 1, 2];
export const mountKinds: readonly string[] = ['mount-cork', 'mount-tree-fern'];
