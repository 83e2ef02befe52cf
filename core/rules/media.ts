/** Rules about the media themselves. */
import { number } from '../words/format';
import { hasFamily, practiceRule, type Rule } from './rule';

export const mediumRules: readonly Rule[] = [
  practiceRule({
    id: 'coconut-rots-brassavola',
    topic: 'medium',
    effect: 'rule out',
    applies: (input) => hasFamily(input, 'coconut') && input.context.plant.genus.id === 'brassavola',
    say: () => 'Coconut husk rots the roots of Brassavola and its kin.',
  }),
  practiceRule({
    id: 'coconut-goes-off',
    topic: 'medium',
    effect: 'penalise',
    points: 5,
    applies: (input) => hasFamily(input, 'coconut'),
    say: () => 'Coconut stays wet very long, goes off suddenly and harbours snails. Damp it, never soak it through.',
  }),
  practiceRule({
    id: 'soil-for-ground-orchids',
    topic: 'medium',
    effect: 'prefer',
    points: 8,
    applies: ({ context, facts }) =>
      facts.spec.approach === 'soil-like mix' && context.plant.genus.depth === 'bulb 4 cm under',
    say: ({ context }) => `${context.plant.genus.name} is a ground orchid and feeds in soil.`,
  }),
  practiceRule({
    id: 'soil-for-tree-orchids',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'soil-like mix' && context.plant.genus.airNeed > 0.25,
    say: ({ context, facts }) =>
      `Soil-like mix closes round the roots (${number(facts.airAfterWatering * 100, 0)} % air, all in narrow passages); ${context.plant.genus.name} grows on trees and rocks.`,
  }),
  practiceRule({
    id: 'underground-bulb-needs-soil',
    topic: 'medium',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) =>
      facts.spec.approach !== 'soil-like mix' && context.plant.genus.depth === 'bulb 4 cm under',
    say: ({ context }) => `${context.plant.genus.name} makes its bulbs underground; loose pieces do not hold them.`,
  }),
  practiceRule({
    id: 'salts-build-up',
    topic: 'medium',
    effect: 'penalise',
    points: 3,
    applies: ({ context, facts }) =>
      context.plant.genus.saltTolerance === 'low' &&
      facts.hasReservoir &&
      facts.mainMix.some((part) => part.medium.saltHolding >= 0.5),
    say: ({ context }) =>
      `Over a reservoir salts climb to the top of the medium, and ${context.plant.genus.name} takes salts badly: flush it through every month.`,
    wouldChange: () => 'Rain or very soft water, and a monthly flush, lift this.',
  }),
  practiceRule({
    id: 'lasts-as-long-as-the-room',
    topic: 'medium',
    effect: 'penalise',
    points: 6,
    applies: ({ context, facts }) =>
      context.resolved.yearsWanted !== null && facts.lifeYears < context.resolved.yearsWanted,
    say: ({ context, facts }) =>
      `You want ${number(context.resolved.yearsWanted ?? 0, 0)} years of peace, but the medium is spent after about ${number(facts.lifeYears, 1)}.`,
    wouldChange: ({ facts }) => `Wanting no more than ${number(facts.lifeYears, 1)} years would lift this.`,
  }),
  practiceRule({
    id: 'new-bark-hardly-wets',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => hasFamily(input, 'conifer bark'),
    say: () =>
      'Soak new bark overnight: dry, it hardly wets, and for the first months it dries sooner than the drawing shows.',
  }),
  practiceRule({
    id: 'rinse-dust',
    topic: 'medium',
    effect: 'require step',
    applies: ({ facts }) => facts.mainMix.some((part) => part.medium.dust >= 0.6),
    say: ({ facts }) =>
      `Rinse the ${facts.mainMix
        .filter((part) => part.medium.dust >= 0.6)
        .map((part) => part.medium.name.toLowerCase())
        .join(' and ')} until the water runs clear.`,
  }),
  practiceRule({
    id: 'soak-charcoal',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => hasFamily(input, 'charcoal'),
    say: () => 'Soak charcoal for a day before use.',
  }),
];
