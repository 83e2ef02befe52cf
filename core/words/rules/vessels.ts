/** The sentences of the rules in decide/rules/vessels. */
import type { vesselRules } from '../../decide/rules';
import { cm, grams, mm, number, temperature, wind } from '../phrasing/format';
import { kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const vesselRuleWords: WordsFor<typeof vesselRules> = {
  'too-small-to-hold': {
    says: (f, units) =>
      `${cm(f.rimDiameterCm, units)} is too small for a ${cm(f.rootBallDiameterCm, units)} root ball and its growth.`,
    wouldChange: () => 'A larger pot, dividing the plant, or fewer years between repots would fit it.',
  },
  'tips-over': {
    says: (f) =>
      `Half dry it weighs ${number(f.weightG / 1000, 1)} kg and tips at ${number(f.tippingAngleDeg, 0)}°: a plant that moves does not root. Add stones or a stake.`,
    wouldChange: (f) => `A heavier pot or stones below that bring it over ${f.steadyDeg}° take this away.`,
  },
  'clay-cools': {
    says: (f, units) =>
      `Unglazed clay cools the roots of a cool grower where it gets ${temperature(f.warmestC, units)}.`,
  },
  'holes-in-still-damp-air': {
    says: (f) => `In still air of ${number(f.meanHumidityPct, 0)} % an organic mix wants openings in the wall.`,
    wouldChange: () => 'A fan, a slotted pot or unglazed clay would do.',
  },
  'frost-and-baked-clay': {
    says: (f, units) => `Frost (${temperature(f.coldestC, units)} here) breaks baked clay down to paste.`,
    wouldChange: () => 'A frost-free winter place would allow it.',
  },
  'clear-wall-shows-roots': {
    says: () => 'Through a clear wall the roots and their colour can be seen.',
  },
  'smallest-that-fits': {
    says: () =>
      'In an organic medium the smallest pot that takes the roots and the years is the safest; this is one size more.',
  },
  'roomier-than-asked': { says: () => 'In a lasting medium more room does no harm, but takes more shelf.' },
  'shelf-space': {
    says: (f, units) => `A ${cm(f.rimDiameterCm, units)} pot takes a good deal of shelf.`,
    wouldChange: () => 'Fewer years of growing room would allow a smaller one.',
  },
  'wide-and-low-for-creepers': {
    says: () => 'Wide and low: its shallow roots use all of it as it spreads.',
  },
  'deep-for-deep-roots': {
    says: (f, units) => `${cm(f.potHeightCm, units)} of depth suits long thick roots and stands against a tall plant.`,
  },
  'clay-for-fast-drying': {
    says: (f) =>
      `Clay dries from its sides too, which fast wet-dry roots want at ${number(f.meanHumidityPct, 0)} % humidity.`,
  },
  'clay-drinks-the-moisture': {
    says: (f) =>
      `In ${number(f.meanHumidityPct, 0)} % air unglazed clay takes the moisture that ${kin(f.genusName)} must never lack.`,
    wouldChange: () => 'Plastic or glazed clay would keep it.',
  },
  'opaque-for-ground-orchids': {
    says: () => 'Roots of ground orchids shun light; a clear wall lets it in and grows algae.',
    wouldChange: () => 'An outer pot round it takes this away.',
  },
  'falls-through-the-net': {
    says: (f, units) => `Pieces of about ${mm(f.pieceMm, units)} fall through slats and nets.`,
    wouldChange: () => 'Pieces over 10 mm, or moss among them, would stay in.',
  },
  'mesh-under-fine-media': {
    says: () => 'Lay a piece of mesh over the holes: the fine part of the mix runs out without crocking.',
  },
  'cone-lets-air-in': {
    says: (f, units) => `The ${cm(f.coneHeightCm, units)} cone lets air into the middle, where a wide pot dries last.`,
  },
  'big-pot-made-small': {
    says: (f, units) =>
      `${cm(f.crockingHeightCm, units)} of crocking makes a big pot small: only the layer above it stays wet.`,
  },
  'runner-on-the-diagonal': {
    says: (f, units) =>
      `Set on the diagonal of the square pot it runs ${cm(f.diagonalCm, units)} before it meets a wall.`,
  },
  'wind-rocks-it': {
    says: (f, units) =>
      `A gust of ${wind(f.tippingWindMS, units)} blows it over, and gusts there reach about ${wind(f.gustMS, units)}: what rocks does not root.`,
    wouldChange: (f) => `${grams(f.stonesG)} of stones at its foot, a heavier pot or a lee corner would steady it.`,
  },
  'heavy-on-the-shelf': {
    says: (f) => `Half dry it weighs ${number(f.weightG / 1000, 1)} kg: mind the shelf and your back.`,
  },
  'depth-out-of-reach': {
    says: (f, units) =>
      `Its roots will not reach down ${cm(f.potHeightCm, units)}; the foot of a deep pot stays wet and unused.`,
    wouldChange: () => 'An ordinary pot would lift this.',
  },
};
