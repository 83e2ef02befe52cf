/** The sentences of the rules in decide/rules/media. */
import type { mediumRules } from '../../decide/rules';
import { cm, days, mm, number, years } from '../phrasing/format';
import { Kin, kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const mediumRuleWords: WordsFor<typeof mediumRules> = {
  'coconut-goes-off': {
    says: () => 'Coconut stays wet very long, goes off suddenly and harbours snails. Damp it, never soak it through.',
  },
  'soil-for-ground-orchids': {
    says: (f) => `${Kin(f.genusName)} is a ground orchid and feeds in soil.`,
  },
  'soil-for-tree-orchids': {
    says: (f) =>
      `Soil-like mix closes round the roots (${number(f.airShare * 100, 0)} % air, all in narrow passages); ${kin(f.genusName)} grows on trees and rocks.`,
  },
  'underground-bulb-needs-soil': {
    says: (f) => `${Kin(f.genusName)} makes its bulbs underground; loose pieces do not hold them.`,
  },
  'salts-build-up': {
    says: (f) =>
      `Over a reservoir salts climb to the top of the medium, and ${kin(f.genusName)} takes salts badly: flush it through every month.`,
    wouldChange: () => 'Rain or very soft water, and a monthly flush, lift this.',
  },
  'lasts-as-long-as-the-room': {
    says: (f) =>
      `You want ${years(f.yearsWanted)} of peace, but the medium is spent after about ${number(f.lifeYears, 1)}.`,
    wouldChange: (f) => `Wanting no more than ${years(f.lifeYears)} would lift this.`,
  },
  'new-bark-hardly-wets': {
    says: () =>
      'Soak new bark overnight: dry, it hardly wets, and for the first months it dries sooner than the drawing shows.',
  },
  'rinse-dust': {
    says: (f) =>
      `Rinse the ${f.dustyNames.map((name) => name.toLowerCase()).join(' and ')} until the water runs clear.`,
  },
  'soak-charcoal': {
    says: () => 'Soak charcoal for a day before use.',
  },
  'coarse-under-fine-roots': {
    says: (f, units) =>
      `Pieces of ${mm(f.pieceMm, units)} under roots of ${mm(f.rootDiameterMm, units)} make it floppy and slow.`,
    wouldChange: () => 'A finer grade would lift this.',
  },
  'moss-on-fast-roots': {
    says: (f) => `${Kin(f.genusName)} wants its roots wet and dry again fast; a pot of moss keeps them wet for days.`,
    wouldChange: () => 'Only a plant that has lost its roots goes into moss for a time.',
  },
  'moss-in-a-large-pot': {
    says: (f, units) =>
      `Moss in a pot wider than ${cm(f.mostCm, units)} stays wet in its middle and packs under its own weight.`,
    wouldChange: () => 'A smaller pot would allow moss.',
  },
  'moss-round-underground-bulbs': {
    says: (f) => `${Kin(f.genusName)} makes its bulbs underground; in moss they rot.`,
  },
  'moss-in-damp-air': {
    says: (f) =>
      `Your air holds ${number(f.meanHumidityPct, 0)} % humidity: moss hardly dries there between two waterings, and these roots want to dry.`,
    wouldChange: () => 'Drier or moving air would allow moss.',
  },
  'moss-under-rain': {
    says: () => 'Under open sky moss lies soaked through the rainy months.',
    wouldChange: () => 'A roof over it would allow moss.',
  },
  'wants-lime': {
    says: () =>
      'It grows on limestone: a level teaspoon of crushed oyster shell or dolomite for each litre of mix, renewed with the mix, keeps it sweet.',
  },
  'hates-lime': {
    says: (f) =>
      `It grows where there is no lime, and your water has ${number(f.waterDsM, 1)} mS/cm: it browns from its tips in it.`,
    wouldChange: () => 'Rain or purified water would do.',
  },
  'hard-water-on-moss': {
    says: (f) =>
      `Your water has ${number(f.waterDsM, 1)} mS/cm: moss goes slimy in hard water, and live moss dies of it.`,
    wouldChange: () => 'Rain or purified water keeps it alive.',
  },
  'moss-drowns-thick-roots': {
    says: (f, units) =>
      `Roots of ${mm(f.rootDiameterMm, units)} want wet and dry in turn; in moss one firm squeeze too many drowns them.`,
    wouldChange: () => 'Loosely filled, in clay, and watered late, some growers keep it so.',
  },
  'loose-not-packed': {
    says: () => 'Damp the moss, wring it out and lay it loosely: packed it holds twice the water and hardly any air.',
  },
  'rinse-husk-salts': {
    says: () => 'Rinse coconut husk several times before use: much of it comes salty.',
  },
  'husk-for-salt-haters': {
    says: (f) => `Husk holds salts, and ${kin(f.genusName)} takes them badly.`,
  },
  'baked-clay-turns-to-paste': {
    says: () => 'Do not press wet baked clay: squeezed it crushes to paste. Tap the pot instead.',
  },
  'soil-mix-hard-to-rewet': {
    says: (f) =>
      `It will lie dry for up to ${days(f.longestDrySpellDays)}; peat that has dried out sheds water, so soak it then.`,
  },
  'perlite-floats': {
    says: () => 'Perlite floats up when flooded: water gently until roots hold it.',
  },
  'chop-moss-fine': {
    says: () => 'Chop the moss small and mix it in evenly: in lumps it makes wet pockets.',
  },
  'reuse-after-boiling': {
    says: () =>
      'Used pieces: rinsed for the same plant, boiled or baked for another, and never back into the bin of clean ones.',
  },
  'old-roots-sour-stone': {
    says: () => 'Cut every dead root off first: inside an inorganic medium they rot and sour it.',
  },
  'feeders-like-soil': {
    says: (f) => `${Kin(f.genusName)} feeds heavily in growth, and a soil-like mix carries feed.`,
  },
};
