/** The sentences of the rules in decide/rules/reservoir. */
import type { reservoirRules } from '../../decide/rules';
import { number, temperature } from '../phrasing/format';
import { Kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const reservoirRuleWords: WordsFor<typeof reservoirRules> = {
  'rot-over-water': {
    says: () => 'It rots: over standing water the rot runs on.',
    wouldChange: () => 'Once the cuts have closed and new roots come it could stand over water.',
  },
  'failing-plant-over-water': {
    says: () =>
      'A plant with poor roots and no new tips goes under over a reservoir: the old roots rot before new ones come.',
    wouldChange: () => 'First moss in a small pot until root tips show; then it may move.',
  },
  'genus-never-over-water': {
    says: (f) => `${Kin(f.genusName)} does not live over standing water.`,
  },
  'rain-fills-the-reservoir': {
    says: (f) =>
      `It rains on ${number(f.rainDays, 0)} days of the wettest month there: the reservoir would always stand full, and breed mosquitoes.`,
    wouldChange: () => 'A roof over it would allow standing water.',
  },
  'reservoir-freezes': {
    says: (f, units) => `It goes down to ${temperature(f.coldestC, units)}: standing water would freeze.`,
    wouldChange: () => 'A frost-free place would allow it.',
  },
  'no-tips-no-change-to-water': {
    says: (f) =>
      `Roots grown in ${f.fromName.toLowerCase()} often die when moved over water, and there are no new tips to take over.`,
    wouldChange: () => 'New root tips would allow it.',
  },
  'tips-before-water': {
    says: (f) =>
      `Look for new root tips first: roots grown in ${f.fromName.toLowerCase()} often die when moved over water, and only new ones take over.`,
  },
  'used-to-standing-water': {
    says: () =>
      'Its roots grew over standing water and want that constant; without new tips to take over, drying off sets it back.',
    wouldChange: () => 'New root tips, or staying over water, lift this.',
  },
  'bowl-is-for-wet-feet': {
    says: (f) => `${Kin(f.genusName)} wants to dry between waterings; in a bowl its foot never does.`,
    wouldChange: () => 'Emptied between waterings, the bowl is only a saucer.',
  },
  'bowl-is-uncommon': {
    says: () => 'A bowl of water wants rinsing every week, or it breeds algae and gnats.',
  },
  'two-pots-of-clay': {
    says: () => 'Clay in an outer pot is heavy, costs two pots, and salts bloom on its wall.',
    wouldChange: () => 'A plastic pot with wicks does nearly the same and weighs less, but cools nothing.',
  },
  'always-moist': {
    says: () =>
      'Never let it run dry for long: roots that have grown over a reservoir die when it does. Mark the holes or the gauge on the tag side.',
  },
  'tap-the-gauge': {
    says: () => 'Tap the gauge before you believe it: floats stick.',
  },
  'moist-inorganic-stays-moist': {
    says: () => 'Inorganic that is kept moist must always stay moist: once dry, the roots adapted to it die.',
  },
};
