/** The sentences of the rules in decide/rules/schools. */
import type { schoolRules } from '../../decide/rules';
import { cm, years } from '../phrasing/format';
import type { WordsFor } from './rule-words';

export const schoolRuleWords: WordsFor<typeof schoolRules> = {
  'school-no-mounts': {
    says: () => 'You keep no mounts: the daily work is not wanted.',
    wouldChange: () => 'Taking mounts back in would bring it back.',
  },
  'school-mounts-gladly': {
    says: () => 'You like mounts, and their roots can be seen and never stand in wet.',
  },
  'school-organic-only': {
    says: () => 'You pot in organic media only.',
    wouldChange: () => 'Leaving the question open would let inorganic media compete.',
  },
  'school-inorganic-only': {
    says: () => 'You pot in inorganic media only.',
    wouldChange: () => 'Leaving the question open would let organic media compete.',
  },
  'holes-wanted': {
    says: () => 'You want openings in the wall, and this one is closed.',
    wouldChange: () => 'A slotted or netted pot would lift this.',
  },
  'holes-unwanted': {
    says: () => 'You want no openings in the wall: roots grow into them and break.',
    wouldChange: () => 'A closed pot would lift this.',
  },
  'oversized-organic': {
    says: (f, units) =>
      `It is ${cm(f.oversizeCm, units)} wider than ${years(f.years)} of growth will fill: organic mix without roots in it stays wet and sours.`,
    wouldChange: () => 'The next smaller size would lift this; so would an inorganic medium.',
  },
  'generous-inorganic': {
    says: () => 'Inorganic does not rot, so room to spare does no harm and saves a repotting.',
  },
  'small-steps-often': {
    says: () => 'Small steps: look again in a year and move it up one size, ball and all, before it fills the pot.',
  },
  'peroxide-at-every-repotting': {
    says: () =>
      'Spray roots and crevices with 3 % hydrogen peroxide, unthinned, and let it fizz out. Thin stronger bottles to 3 % first.',
  },
};
