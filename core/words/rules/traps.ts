/** The sentences of the rules in decide/rules/traps. */
import type { trapRules } from '../../decide/rules';
import { number, years } from '../phrasing/format';
import { Kin, kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const trapRuleWords: WordsFor<typeof trapRules> = {
  'husk-rots-its-roots': { says: (f) => `Coconut husk rots the roots of ${kin(f.genusName)}.` },
  'stone-for-rock-plants': { says: (f) => `${Kin(f.genusName)} grows on rock: stone suits it better than bark.` },
  'tight-pot': { says: (f) => `${Kin(f.genusName)} likes a tight pot; this one is roomy for it.` },
  'wet-drops-roots': {
    says: (f) =>
      `${Kin(f.genusName)} lets go of its roots when it stays wet; this holds ${number(f.airShare * 100, 0)} % air after watering.`,
    wouldChange: () => 'Larger pieces, or less moss, hold more air.',
  },
  'spent-before-the-next-time': {
    says: (f) => `A stale medium ends ${kin(f.genusName)}, and this one is spent after about ${years(f.lifeYears)}.`,
    wouldChange: () => 'Fewer years wanted, or a lasting medium, lift this.',
  },
  'renew-before-stale': {
    says: (f) =>
      `Write down the date: a stale medium ends ${kin(f.genusName)}. Renew it within ${years(f.lifeYears * RENEW_SHARE)}.`,
  },
  'moss-top-rots-shoots': { says: (f) => `Lush moss on top rots the shoots of ${kin(f.genusName)}.` },
  'shallow-for-shallow-roots': { says: (f) => `${Kin(f.genusName)} roots near the surface: a shallow vessel fits it.` },
  'stake-or-stones': { says: () => 'It grows top-heavy: stones in the foot of the pot, or a stake, hold it.' },
  'heavy-pot-for-top-heavy': { says: () => 'A heavy pot keeps a top-heavy plant upright.' },
  'room-for-pendent-spikes': { says: (f) => `The spikes of ${kin(f.genusName)} hang down, and have room here.` },
  'spikes-grow-down': {
    says: (f) => `${Kin(f.genusName)} flowers downwards through its medium: a closed pot swallows the spikes.`,
    wouldChange: () => 'Only an open basket, a net pot or a mount lets them out.',
  },
  'repot-every-year': {
    says: () => 'Its roots die back every year: pot it afresh each time it sleeps, in no more than a year’s room.',
  },
  'keep-soft-shoots-dry': {
    says: () => 'Water in a soft new shoot rots it: water round it, or set it in gravel that does not wick.',
  },
  'moss-on-soft-shoots': { says: () => 'Moss on top keeps its soft new shoots wet.' },
  'lasting-mix-for-peace': {
    says: (f) => `${Kin(f.genusName)} wants to be left alone, and this medium lasts about ${years(f.lifeYears)}.`,
  },
  'leave-basket-roots': {
    says: () => 'Roots that stand upright round it are its own way to catch leaves: leave them.',
  },
  'set-it-low': { says: () => 'It climbs as it grows: set it low, and bring medium up to the new roots later.' },
  'chain-bulbs-may-stay-wrinkled': {
    says: () => 'Old bulbs of this kind may never fill again; judge it by the newest ones.',
  },
  'pests-by-the-label': {
    says: () =>
      'Look under dry sheaths for mealybugs. If you use a pesticide, keep to its label and to what your country allows.',
  },
  'soak-not-mist': {
    says: () => 'Misting alone is not enough: once a day wet the roots until they are green all over.',
  },
  'hollow-moss': { says: () => 'Moss only as a hollow mound, loose enough to be dry again by the next watering.' },
  'give-it-a-post': { says: () => 'Give it a post or a rough stake to climb before you fill in.' },
  'coarse-and-clean': {
    says: (f) => `${Kin(f.genusName)} wants coarse, clean pieces with much air about its roots.`,
    wouldChange: () => 'Larger pieces without moss lift this.',
  },
  'unbent-roots': {
    says: (f) => `The long roots of ${kin(f.genusName)} hate being bent into a pot.`,
    wouldChange: () => 'Hung in the open they stay straight.',
  },
};

/** Renewed before the end of its life, not at it. */
const RENEW_SHARE = 0.8;
