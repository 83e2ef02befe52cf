/** The sentences of the rules in decide/rules/grower. */
import type { growerRules } from '../../decide/rules';
import { joinAnd, plural } from '../phrasing/format';
import { kindName } from '../phrasing/titles';
import type { WordsFor } from './rule-words';

const withdrawn = () => 'Taking back what you want of it would bring it back.';
const dropped = () => 'Taking it off the list of what you do not want would bring it back.';

export const growerRuleWords: WordsFor<typeof growerRules> = {
  'did-well-in-your-hands': { says: (f) => `${kindName(f.mediumName)} has done well in your hands there.` },
  'did-badly-in-your-hands': {
    says: (f) => `${kindName(f.mediumName)} has failed in your hands there.`,
    wouldChange: () => 'If you know why it failed and that has changed, say so no more.',
  },
  'did-well-by-your-record': {
    says: (f) =>
      `Of ${plural(f.well + f.badly, 'potting')} of such plants with ${kindName(f.mediumName).toLowerCase()} on record in this place ${f.badly === 0 ? 'all' : f.well} did well: that counts for more than a book.`,
    wouldChange: (f) => `${plural(f.well - f.badly + 1, 'potting')} that fail would turn it.`,
  },
  'did-badly-by-your-record': {
    says: (f) =>
      `Of ${plural(f.well + f.badly, 'potting')} of such plants with ${kindName(f.mediumName).toLowerCase()} on record in this place ${f.well === 0 ? 'none' : f.well} did well: that counts for more than a book.`,
    wouldChange: (f) => `${plural(f.badly - f.well + 1, 'potting')} that do well would turn it.`,
  },
  'all-at-hand': { says: () => 'You have all of it.' },
  'to-be-bought': {
    says: (f) => `You would have to get ${joinAnd(f.names.map((name) => name.toLowerCase()))}.`,
    wouldChange: () => 'Once you have it, say so under “Media you have”.',
  },
  'you-want-a-mount': { says: () => 'You want a mount.', wouldChange: withdrawn },
  'you-want-a-reservoir': { says: () => 'You want it over standing water.', wouldChange: withdrawn },
  'you-want-it-organic': { says: () => 'You want it organic.', wouldChange: withdrawn },
  'you-want-it-inorganic': { says: () => 'You want it inorganic.', wouldChange: withdrawn },
  'you-want-plastic': { says: () => 'You want plastic.', wouldChange: withdrawn },
  'you-want-no-side-holes': { says: () => 'You want no holes in the side.', wouldChange: withdrawn },
  'you-want-it-as-it-is': { says: () => 'You want it as it is, only larger.', wouldChange: withdrawn },
  'you-want-no-mounts': { says: () => 'You want no mounts.', wouldChange: dropped },
  'you-want-no-standing-water': { says: () => 'You want no standing water.', wouldChange: dropped },
  'you-want-no-baskets': { says: () => 'You want no baskets.', wouldChange: dropped },
  'you-want-no-plastic': { says: () => 'You want no plastic.', wouldChange: dropped },
};
