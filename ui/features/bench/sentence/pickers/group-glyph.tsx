/** A small picture for each group of what can be said. */
import type { ReactNode } from 'react';
import { BLOOM, LEAF, LEAF_LINE, PSEUDOBULB, ROOT, ROOT_LINE } from '../../../../drawing/plant/colors';
import type { PhraseGroup } from '../phrases/phrase-search';

const POT = '#c98f6b';
const POT_LINE = '#7d4a2c';
const WATER = '#3f7f9a';
const PAPER = '#fffdf6';

const pictures: Readonly<Record<PhraseGroup, ReactNode>> = {
  plant: (
    <>
      <ellipse cx={16} cy={25} rx={5} ry={5.5} fill={PSEUDOBULB} stroke={LEAF_LINE} />
      <path d="M16 20 C10 13 9 7 12 3 C17 8 18 14 16 20Z" fill={LEAF} stroke={LEAF_LINE} />
      <path d="M17 20 C19 13 22 10 27 9 C26 15 22 19 17 20Z" fill={LEAF} stroke={LEAF_LINE} />
    </>
  ),
  seen: (
    <>
      <path d="M14 4 C13 12 9 14 7 22" stroke={ROOT_LINE} strokeWidth={5} fill="none" strokeLinecap="round" />
      <path d="M14 4 C13 12 9 14 7 22" stroke={ROOT} strokeWidth={3.4} fill="none" strokeLinecap="round" />
      <circle cx={20} cy={16} r={7} fill="none" stroke={LEAF_LINE} strokeWidth={2} />
      <path d="M25 21 L30 27" stroke={LEAF_LINE} strokeWidth={3} strokeLinecap="round" />
    </>
  ),
  pot: (
    <>
      <path d="M7 11 H25 L22 28 H10 Z" fill={POT} stroke={POT_LINE} />
      <path d="M5 7 H27 V12 H5 Z" fill={POT} stroke={POT_LINE} />
    </>
  ),
  place: (
    <>
      <path d="M5 4 H27 V28 H5 Z M16 4 V28 M5 16 H27" fill={PAPER} stroke={LEAF_LINE} strokeWidth={2} />
      <circle cx={22} cy={9.5} r={3.4} fill="#e3b23c" />
    </>
  ),
  water: <path d="M16 3 C21 11 25 15 25 20 A9 9 0 0 1 7 20 C7 15 11 11 16 3Z" fill={WATER} />,
  you: (
    <>
      <circle cx={16} cy={10} r={6} fill={BLOOM} stroke={LEAF_LINE} />
      <path d="M4 29 C5 20 11 18 16 18 C21 18 27 20 28 29Z" fill={LEAF} stroke={LEAF_LINE} />
    </>
  ),
  answer: (
    <>
      <path d="M6 3 H26 V29 H6 Z" fill={PAPER} stroke={LEAF_LINE} strokeWidth={1.6} />
      <path d="M10 10 H22 M10 16 H22 M10 22 H18" stroke={LEAF_LINE} strokeWidth={2} strokeLinecap="round" />
    </>
  ),
};

export function GroupGlyph({ group }: { readonly group: PhraseGroup }) {
  return (
    <svg viewBox="0 0 32 32" width={28} height={28} aria-hidden="true">
      {pictures[group]}
    </svg>
  );
}
