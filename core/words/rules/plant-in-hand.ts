/** The sentences of the rules in decide/rules/plant-in-hand. */
import type { plantRules } from '../../decide/rules';
import { cm, days, percent } from '../phrasing/format';
import type { WordsFor } from './rule-words';

export const plantRuleWords: WordsFor<typeof plantRules> = {
  'recover-first': {
    says: (f) =>
      `Only ${percent(f.liveRootShare)} of its roots are alive: loose moss in a small pot, kept damp and close, until root tips show.`,
    wouldChange: () => 'New root tips would let it go straight into its medium.',
  },
  'recovery-is-for-failing-plants': {
    says: (f) =>
      `Recovery in moss is for plants without roots; ${percent(f.liveRootShare)} of these are alive${f.showsTips ? ' and new tips are showing' : ''}.`,
  },
  'see-new-roots-come': { says: () => 'Through a clear wall you see new root tips come, and know when to move on.' },
  'failing-in-big-pot': {
    says: (f, units) =>
      `${cm(f.rimDiameterCm, units)} of pot round ${cm(f.liveBallCm, units)} of live roots stays wet with nothing to drink it.`,
    wouldChange: () => 'The smallest pot that takes the live roots would lift this.',
  },
  'wrinkled-bulbs-cannot-wait': {
    says: (f) => `Its bulbs are wrinkled, and this asks for water after ${days(f.fastestDays)} in the hardest month.`,
    wouldChange: () => 'More moss, a finer grade or plump bulbs would lift this.',
  },
  'cut-out-rot': {
    says: () =>
      'Cut out what is soft, with a sterile blade, back to firm tissue; spray the cuts with 3 % hydrogen peroxide and let it fizz out.',
  },
  'cut-out-rot-and-dry': {
    says: () => 'Cut out what is soft, with a sterile blade, back to firm tissue, and let the cuts dry in the air.',
  },
  'oozing-bulb-over-wet': {
    says: (f) =>
      `Rot in a bulb spreads where it is wet, and here ${f.hasReservoir ? 'water stands below' : `only ${percent(f.airShare)} is air`}.`,
    wouldChange: () => 'Once the rot is out and dry this is lifted.',
  },
  'thick-roots-are-not-shortened': {
    says: () => 'Never shorten a sound thick root: it does not branch. Bend it in, wet, or leave it out.',
  },
  'branching-roots-may-be-shortened': {
    says: () => 'Its roots branch: long ones may be shortened by a third and will branch again.',
  },
  'brown-may-be-alive': {
    says: () => 'Colour misleads: feel every root. Firm is alive, even brown; hollow or mushy is dead.',
  },
  'take-off-spent-bulbs': {
    says: () => 'Take off the oldest spent bulb if it comes easily, and any dry sheath over a new shoot.',
  },
  'strip-dry-sheaths': {
    says: () => 'Strip dry sheaths off the new shoots: their roots then go straight down, and pests find no cover.',
  },
};
