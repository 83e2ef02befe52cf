/** Rules about the media themselves. */
import { Kin, kin, mm, number } from '../../words';
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
    say: ({ context }) => `${Kin(context.plant.genus)} is a ground orchid and feeds in soil.`,
  }),
  practiceRule({
    id: 'soil-for-tree-orchids',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'soil-like mix' && context.plant.genus.airNeed > 0.25,
    say: ({ context, facts }) =>
      `Soil-like mix closes round the roots (${number(facts.airAfterWatering * 100, 0)} % air, all in narrow passages); ${kin(context.plant.genus)} grows on trees and rocks.`,
  }),
  practiceRule({
    id: 'underground-bulb-needs-soil',
    topic: 'medium',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) =>
      facts.spec.approach !== 'soil-like mix' && context.plant.genus.depth === 'bulb 4 cm under',
    say: ({ context }) => `${Kin(context.plant.genus)} makes its bulbs underground; loose pieces do not hold them.`,
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
      `Over a reservoir salts climb to the top of the medium, and ${kin(context.plant.genus)} takes salts badly: flush it through every month.`,
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
  practiceRule({
    id: 'coarse-under-fine-roots',
    topic: 'medium',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      context.plant.rootDiameterMm < 1.6 && facts.misfit > 1.3 && facts.pieceMm > context.plant.rootDiameterMm * 3.5,
    say: ({ facts, context }, units) =>
      `Pieces of ${mm(facts.pieceMm, units)} under roots of ${mm(context.plant.rootDiameterMm, units)} make it floppy and slow.`,
    wouldChange: () => 'A finer grade would lift this.',
  }),
  practiceRule({
    id: 'moss-drowns-thick-roots',
    topic: 'medium',
    effect: 'penalise',
    points: 6,
    applies: (input) =>
      input.facts.spec.approach === 'moss pot' &&
      input.context.plant.rootDiameterMm >= 4 &&
      input.context.plant.genus.regime !== 'evenly moist',
    say: ({ context }, units) =>
      `Roots of ${mm(context.plant.rootDiameterMm, units)} want wet and dry in turn; in moss one firm squeeze too many drowns them.`,
    wouldChange: () => 'Loosely filled, in clay, and watered late, some growers keep it so.',
  }),
  practiceRule({
    id: 'loose-not-packed',
    topic: 'medium',
    effect: 'require step',
    applies: ({ facts }) => facts.spec.approach === 'moss pot' || facts.spec.approach === 'recovery in moss',
    say: () => 'Damp the moss, wring it out and lay it loosely: packed it holds twice the water and hardly any air.',
  }),
  practiceRule({
    id: 'rinse-husk-salts',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => hasFamily(input, 'coconut'),
    say: () => 'Rinse coconut husk several times before use: much of it comes salty.',
  }),
  practiceRule({
    id: 'husk-for-salt-haters',
    topic: 'medium',
    effect: 'penalise',
    points: 4,
    applies: (input) => hasFamily(input, 'coconut') && input.context.plant.genus.saltTolerance === 'low',
    say: ({ context }) => `Husk holds salts, and ${kin(context.plant.genus)} takes them badly.`,
  }),
  practiceRule({
    id: 'baked-clay-turns-to-paste',
    topic: 'medium',
    effect: 'caution',
    applies: (input) => hasFamily(input, 'baked clay'),
    say: () => 'Do not press wet baked clay: squeezed it crushes to paste. Tap the pot instead.',
  }),
  practiceRule({
    id: 'soil-mix-hard-to-rewet',
    topic: 'medium',
    effect: 'caution',
    applies: (input) =>
      hasFamily(input, 'soil-like mix') && input.judgement !== null && input.judgement.year.longestDrySpellDays > 5,
    say: ({ judgement }) =>
      `It will lie dry for up to ${number(judgement?.year.longestDrySpellDays ?? 0, 0)} days; peat that has dried out sheds water, so soak it then.`,
  }),
  practiceRule({
    id: 'perlite-floats',
    topic: 'medium',
    effect: 'caution',
    applies: (input) => hasFamily(input, 'perlite'),
    say: () => 'Perlite floats up when flooded: water gently until roots hold it.',
  }),
  practiceRule({
    id: 'chop-moss-fine',
    topic: 'medium',
    effect: 'require step',
    applies: ({ facts }) =>
      facts.mainMix.length > 1 &&
      facts.mainMix.some(({ medium }) => medium.family === 'sphagnum' || medium.family === 'live moss'),
    say: () => 'Chop the moss small and mix it in evenly: in lumps it makes wet pockets.',
  }),
  practiceRule({
    id: 'reuse-after-boiling',
    topic: 'medium',
    effect: 'caution',
    applies: ({ facts }) => !facts.isOrganic && facts.setup.kind === 'pot',
    say: () =>
      'Used pieces: rinsed for the same plant, boiled or baked for another, and never back into the bin of clean ones.',
  }),
  practiceRule({
    id: 'old-roots-sour-stone',
    topic: 'medium',
    effect: 'require step',
    applies: ({ context, facts }) =>
      !facts.isOrganic && facts.setup.kind === 'pot' && context.plant.liveRootShare < 0.6,
    say: () => 'Cut every dead root off first: inside an inorganic medium they rot and sour it.',
  }),
  practiceRule({
    id: 'feeders-like-soil',
    topic: 'medium',
    effect: 'prefer',
    points: 3,
    applies: ({ context, facts }) =>
      facts.spec.approach === 'soil-like mix' &&
      context.plant.genus.saltTolerance === 'high' &&
      context.plant.genus.cover === 'needs cover',
    say: ({ context }) => `${Kin(context.plant.genus)} feeds heavily in growth, and a soil-like mix carries feed.`,
  }),
];
