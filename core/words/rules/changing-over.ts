/** The sentences of the rules in decide/rules/changing-over. */
import type { changingOverRules } from '../../decide/rules';
import { cm, percent } from '../phrasing/format';
import { kindName } from '../phrasing/titles';
import type { WordsFor } from './rule-words';

export const changingOverRuleWords: WordsFor<typeof changingOverRules> = {
  'wet-to-airy-in-stages': {
    says: (f) =>
      `Its roots grew in ${f.fromName.toLowerCase()}; straight into ${percent(f.airShare)} air they dry up before new ones take over.`,
    wouldChange: () => 'Small bark with a quarter moss or more now, and this at the next repotting, is the way.',
  },
  'staged-mix': {
    says: () => 'Small bark with much moss is the half-way house out of a wet medium.',
  },
  'roots-may-choose': {
    says: (f) =>
      `Half of it stays in ${kindName(f.fromName).toLowerCase()}, half meets the new medium: the roots may choose.`,
  },
  'two-paces-of-drying': {
    says: () => 'Two media side by side dry at two paces: what suits the one is late or early for the other.',
    wouldChange: () => 'Once roots fill the new side, the next pot can be of that alone.',
  },
  'never-tear-clinging-roots': {
    says: () => 'Leave bits that cling to the roots rather than tear them: a little of both media does no harm.',
  },
  'ball-moves-whole': {
    says: (f) => `It already stands in ${f.fromFamily}: the ball goes across untouched, even in bloom.`,
  },
  'change-wants-new-tips': {
    says: () => 'A new medium is only used by new roots, and none are starting on a plant that hates disturbance.',
    wouldChange: () => 'Waiting for root tips, or staying in the same medium, lifts this.',
  },
  'new-tips-take-over': {
    says: () => 'New root tips are showing: they grow straight into the wet medium and take over.',
  },
  'anchor-first': {
    says: (f, units) =>
      `${cm(f.plantHeightCm, units)} of plant on ${cm(f.rootBallDiameterCm, units)} of roots: stake it, or anchor it for a year in a pot little wider than the roots (${cm(f.anchorPotCm, units)}), stones at its foot, and then move it straight into the pot for three or four years (${cm(Math.max(f.longStayPotCm, f.rimDiameterCm), units)}).`,
  },
  'staged-pot-lets-go': {
    says: () => 'It will be moved on once it has anchored, and this medium does not let go of roots.',
    wouldChange: () => 'A medium of smooth pieces lets go.',
  },
};
