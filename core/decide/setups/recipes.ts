/**
 * The ways of potting and what each is made of: families, what is mixed in, pots, crocking. The
 * generator combines them with grades, sizes and tops. Common practice, no source.
 */
import type { Approach } from '../../case';
import type { MediumFamily } from '../../physics/media';
import { k } from './constants';

export interface Addition {
  readonly mediumId: string;
  readonly partsToFour: number;
}

export interface Recipe {
  readonly approach: Approach;
  /** Family that makes up the mix; its grade follows the roots. */
  readonly base: MediumFamily;
  /** Media mixed in, with the parts to four of the base. */
  readonly additions: readonly Addition[];
  readonly vesselKinds: readonly string[];
  /** Crocking as shares of the filled depth; pots with a cone or a reservoir take only the first. */
  readonly crockingShares: readonly number[];
  /** Whether it may be dressed on top. */
  readonly takesTop: boolean;
}

const moss = (partsToFour: number): Addition => ({ mediumId: 'sphagnum-chopped', partsToFour });
const liveMoss = (partsToFour: number): Addition => ({ mediumId: 'live-moss', partsToFour });
const charcoal: Addition = { mediumId: 'charcoal-8-16', partsToFour: 1 };
const perlite: Addition = { mediumId: 'perlite-3-6', partsToFour: 1 };
const pumice: Addition = { mediumId: 'pumice-3-6', partsToFour: 1 };
const largePumice: Addition = { mediumId: 'pumice-8-16', partsToFour: 2 };
const granules: Addition = { mediumId: 'fired-clay-5-10', partsToFour: 1 };
const firedClay: Addition = { mediumId: 'fired-clay-2-5', partsToFour: 2 };

/** What growers put into bark, up to half of it moss. */
const barkMixes: readonly (readonly Addition[])[] = [
  [moss(0.5)],
  [moss(1)],
  [moss(2)],
  [moss(4)],
  [charcoal],
  [perlite],
  [pumice],
  [largePumice],
  [granules],
  [liveMoss(1)],
  [charcoal, moss(1)],
];

const roundPots = ['plastic-round', 'plastic-clear-cone', 'plastic-slotted', 'clay-unglazed', 'clay-glazed'] as const;
const barkPots = [...roundPots, 'plastic-square', 'plastic-pan', 'plastic-deep'] as const;
const inorganicPots = [
  'plastic-round',
  'plastic-clear-cone',
  'clay-unglazed',
  'clay-glazed',
  'plastic-pan',
  'plastic-deep',
] as const;
const mixedBarkPots = [
  'plastic-round',
  'plastic-clear-cone',
  'plastic-slotted',
  'clay-unglazed',
  'plastic-pan',
] as const;
const mossPots = ['plastic-clear-cone', 'plastic-round', 'clay-unglazed', 'net-pot', 'plastic-pan'] as const;

type Rest = Partial<Pick<Recipe, 'additions' | 'crockingShares' | 'takesTop'>>;
const plain = (
  base: MediumFamily,
  approach: Approach,
  vesselKinds: readonly string[],
  { additions = [], crockingShares = [0], takesTop = false }: Rest = {},
): Recipe => ({ approach, base, additions, vesselKinds, crockingShares, takesTop });

const inorganic = (base: MediumFamily, additions: readonly Addition[] = []): Recipe =>
  plain(base, 'moist inorganic', inorganicPots, {
    additions,
    crockingShares: [k.CROCKING_SHARE, 0],
    takesTop: true,
  });

export const recipes: readonly Recipe[] = [
  plain('conifer bark', 'organic pot', barkPots, {
    crockingShares: [k.CROCKING_SHARE, 0, k.THICK_CROCKING_SHARE],
    takesTop: true,
  }),
  ...barkMixes.map((additions) =>
    plain('conifer bark', 'organic pot', mixedBarkPots, {
      additions,
      crockingShares: [k.CROCKING_SHARE, 0],
      takesTop: true,
    }),
  ),
  plain('coconut', 'organic pot', ['plastic-clear-cone', 'plastic-slotted', 'clay-unglazed'], {
    crockingShares: [k.CROCKING_SHARE],
  }),
  plain('coconut', 'organic pot', ['plastic-slotted', 'clay-unglazed'], {
    additions: [charcoal],
    crockingShares: [k.CROCKING_SHARE],
  }),
  plain('tree fern and cork', 'organic pot', ['plastic-clear-cone', 'clay-unglazed', 'plastic-round'], {
    crockingShares: [k.CROCKING_SHARE, 0],
    takesTop: true,
  }),
  plain('charcoal', 'moist inorganic', ['plastic-clear-cone', 'clay-unglazed', 'plastic-slotted'], {
    crockingShares: [k.CROCKING_SHARE],
  }),
  plain('sphagnum', 'moss pot', mossPots, { crockingShares: [k.MOSS_CROCKING_SHARE, 0, k.THICK_MOSS_CROCKING_SHARE] }),
  plain('sphagnum', 'moss pot', mossPots, { additions: [perlite], crockingShares: [k.MOSS_CROCKING_SHARE, 0] }),
  plain('sphagnum', 'moss pot', mossPots, { additions: [{ mediumId: 'bark-3-6', partsToFour: 2 }] }),
  plain('sphagnum', 'recovery in moss', ['plastic-clear-cone', 'net-pot', 'clay-unglazed'], {
    crockingShares: [0, k.MOSS_CROCKING_SHARE],
  }),
  inorganic('fired clay'),
  inorganic('pumice'),
  inorganic('pumice', [firedClay]),
  inorganic('baked clay'),
  inorganic('lava'),
  inorganic('lava', [firedClay]),
  inorganic('expanded clay'),
  inorganic('expanded clay', [firedClay]),
  ...(['expanded clay', 'pumice', 'fired clay', 'baked clay'] as const).map((base) =>
    plain(base, 'side-hole reservoir', ['side-hole-pot', 'net-pot-in-bowl'], { takesTop: true }),
  ),
  ...(['expanded clay', 'fired clay', 'pumice', 'baked clay'] as const).map((base) =>
    plain(base, 'wick reservoir', ['wick-pot', 'clay-wick-pot'], { takesTop: true }),
  ),
  plain('expanded clay', 'wick reservoir', ['wick-pot'], { additions: [firedClay], takesTop: true }),
  plain('conifer bark', 'basket', ['slat-basket', 'net-pot']),
  plain('conifer bark', 'basket', ['slat-basket', 'net-pot'], { additions: [moss(1)] }),
  plain('lava', 'basket', ['slat-basket', 'net-pot']),
  plain('charcoal', 'basket', ['slat-basket', 'net-pot']),
  plain('tree fern and cork', 'basket', ['slat-basket']),
  plain('sphagnum', 'basket', ['slat-basket', 'net-pot'], { additions: [{ mediumId: 'bark-6-12', partsToFour: 2 }] }),
  plain(
    'soil-like mix',
    'soil-like mix',
    ['plastic-round', 'plastic-deep', 'clay-unglazed', 'plastic-pan', 'clay-glazed'],
    {
      crockingShares: [k.SOIL_CROCKING_SHARE, 0],
      takesTop: true,
    },
  ),
  plain('soil-like mix', 'soil-like mix', ['plastic-round', 'plastic-deep', 'plastic-pan', 'clay-unglazed'], {
    additions: [perlite],
    crockingShares: [k.SOIL_CROCKING_SHARE],
    takesTop: true,
  }),
  plain('soil-like mix', 'soil-like mix', ['plastic-round', 'plastic-deep', 'plastic-pan'], {
    additions: [{ mediumId: 'bark-2-4', partsToFour: 4 }],
    crockingShares: [k.SOIL_CROCKING_SHARE, 0],
    takesTop: true,
  }),
];

/** What growers lay under a medium where the usual pieces are not there, the best first. */
export const crocks: readonly string[] = [
  'pebbles-16-32',
  'pebbles-8-16',
  'clay-pebbles-8-16',
  'brick-8-16',
  'lava-16-32',
  'lava-8-16',
  'pumice-8-16',
  'charcoal-8-16',
  'gravel-4-8',
];

/** Top dressings by the school that holds them, and coarse pieces over a fine layer; the height in pieces is about two deep. */
export interface TopDressing {
  readonly side: 'pebbles' | 'lava' | 'moss' | 'coarse';
  readonly mediumId: string;
  readonly heightCm: number;
}

export const topDressings: readonly TopDressing[] = [
  { side: 'pebbles', mediumId: 'gravel-4-8', heightCm: k.PEBBLE_TOP_CM },
  { side: 'lava', mediumId: 'lava-8-16', heightCm: k.LAVA_TOP_CM },
  { side: 'moss', mediumId: 'live-moss', heightCm: k.MOSS_TOP_CM },
  { side: 'coarse', mediumId: 'bark-12-25', heightCm: k.COARSE_TOP_CM },
];

/** Pads for mounts, cm of sphagnum; 0 = bare roots. */
export const mountPadsCm: readonly number[] = [0, k.MOUNT_PAD_THIN_CM, k.MOUNT_PAD_CM, k.MOUNT_PAD_THICK_CM];
export const mountKinds: readonly string[] = [
  'mount-cork',
  'mount-tree-fern',
  'mount-hard-wood',
  'mount-clay-plate',
  'mount-plastic-slab',
];
