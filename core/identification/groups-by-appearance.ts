/**
 * Which group an orchid without a name belongs to, from what anybody can see of it: Bayes over the groups of the catalogue, how common
 * they are at home being what is known before anything is seen. What was not seen counts for nothing.
 */
import { lazily, normalShareBelow, plain } from '../base';
import { type Genus, genusById } from '../catalogue/genera';
import { type Base, type FlowerKind, type LeafKind, appearanceCatalogue } from '../catalogue/appearances';
import { k } from './constants';

export const rootKinds = ['thin', 'middling', 'thick'] as const;
/** As string; as spaghetti; as a pencil. */
export type RootKind = (typeof rootKinds)[number];

export const spacings = ['one point', 'close', 'apart'] as const;
/** All from one point; shoot beside shoot; a finger's breadth and more between them. */
export type Spacing = (typeof spacings)[number];

/** undefined: not seen, or not known. */
export interface SeenAppearance {
  readonly roots?: RootKind | undefined;
  readonly base?: Base | undefined;
  readonly leaves?: LeafKind | undefined;
  readonly spacing?: Spacing | undefined;
  readonly flower?: FlowerKind | undefined;
}

export interface GroupGuess {
  readonly genusId: string;
  /** 0..1: of all groups together 1. */
  readonly sure: number;
}

/** Share of what is seen of a measure below a limit: without a corner at it, as eyes have none. */
const shareBelow = (measure: number, limit: number): number => normalShareBelow(Math.log(limit / measure) / k.BLUR);

function ofRoots({ rootThinnestMm, rootThickestMm }: Genus, roots: RootKind): number {
  const middle = Math.sqrt(rootThinnestMm * rootThickestMm);
  const thin = shareBelow(middle, k.THIN_BELOW_MM);
  const thick = 1 - shareBelow(middle, k.THICK_FROM_MM);
  return { thin, middling: 1 - thin - thick, thick }[roots];
}

function ofSpacing({ rhizomeStepCm }: Genus, spacing: Spacing): number {
  if (rhizomeStepCm === 0) return spacing === 'one point' ? 1 : 0;
  const apart = 1 - shareBelow(rhizomeStepCm, k.WIDE_FROM_CM);
  // What stands close is often called one point.
  return { 'one point': (1 - apart) / 3, close: (2 * (1 - apart)) / 3, apart }[spacing];
}

/** One of several looks of a group is seen as often as any other of them. */
const oneOf = <T>(known: readonly T[], seen: T): number => (known.includes(seen) ? 1 / known.length : 0);

const withSlips = (share: number): number => k.SEEN_OTHERWISE + (1 - k.SEEN_OTHERWISE) * share;

const groups = lazily(() => appearanceCatalogue.map((looks) => ({ ...plain(looks), genus: genusById(looks.genusId) })));

/** All groups, the likeliest first. */
export function groupsByAppearance({ roots, base, leaves, spacing, flower }: SeenAppearance): readonly GroupGuess[] {
  const weighed = groups().map(({ genusId, genus, bases, leaves: leafKinds, flowers, timesAsCommon }) => {
    const shares = [
      roots === undefined ? 1 : withSlips(ofRoots(genus, roots)),
      base === undefined ? 1 : withSlips(oneOf(bases, base)),
      leaves === undefined ? 1 : withSlips(oneOf(leafKinds, leaves)),
      spacing === undefined ? 1 : withSlips(ofSpacing(genus, spacing)),
      flower === undefined ? 1 : withSlips(oneOf(flowers, flower)),
    ];
    return { genusId, weight: shares.reduce((product, share) => product * share, timesAsCommon) };
  });
  const all = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ genusId, weight }) => ({ genusId, sure: weight / all }))
    .sort((a, b) => b.sure - a.sure || (a.genusId < b.genusId ? -1 : 1));
}

/** Whether the first may be called likely. */
export const isLikely = ({ sure }: GroupGuess): boolean => sure >= k.TO_SAY_LIKELY;
