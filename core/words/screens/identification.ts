/** What is seen of an orchid without a name, in words. */
import type { Base, FlowerKind, LeafKind } from '../../catalogue/appearances';
import type { GroupGuess, RootKind, Spacing } from '../../identification';
import { isLikely } from '../../identification';
import { number } from '../phrasing/format';

export const rootKindWords: Readonly<Record<RootKind, string>> = {
  thin: 'Thin as string',
  middling: 'As spaghetti',
  thick: 'Thick as a pencil',
};
export const baseWords: Readonly<Record<Base, string>> = {
  'one stem': 'One stem, leaves left and right',
  tufts: 'Tufts or fans, no bulbs',
  bulbs: 'Bulbs',
  canes: 'Canes or reeds',
  chain: 'A climbing or creeping stem',
  underground: 'Out of the ground',
};
export const leafKindWords: Readonly<Record<LeafKind, string>> = {
  'broad and thick': 'Broad and thick',
  'leathery strap': 'Leathery straps',
  'thin and narrow': 'Thin and narrow',
  'soft and pleated': 'Soft, with folds',
  'round or stubby': 'Round as a pencil',
  patterned: 'Spotted or veined',
};
export const spacingWords: Readonly<Record<Spacing, string>> = {
  'one point': 'All from one point',
  close: 'Shoot beside shoot',
  apart: 'A finger’s breadth apart',
};
export const flowerKindWords: Readonly<Record<FlowerKind, string>> = {
  'flat, moth-like': 'Flat, like a moth',
  pouch: 'With a pouch',
  'frilled lip': 'Large, with a frilled lip',
  'many small ones on a spray': 'Many small ones',
  spidery: 'Like a spider',
  'pansy face': 'Like a pansy',
  'tails or triangle': 'A triangle, with tails',
  'waxy spray on a spike': 'Waxy, on a spike',
  star: 'A star',
  'hanging or hooded': 'Hanging or hooded',
};

/** "Likely, 72 of 100", "Perhaps, 18 of 100". */
export function sureWords(guess: GroupGuess): string {
  const share = number(100 * guess.sure, 0);
  return `${isLikely(guess) ? 'Likely' : 'Perhaps'}, ${share} of 100`;
}
