/** Rules about the media themselves. */
import { k } from './constants';
import { hasFamily, potIn, topFamily } from './readings';
import { practiceRule, type RuleInput } from './rule';

const isHard = ({ context }: RuleInput): boolean => context.feeding.waterDsM >= k.HARD_WATER_DS_M;

export const mediumRules = [
  practiceRule({
    id: 'coconut-goes-off',
    topic: 'medium',
    effect: 'penalise',
    points: 5,
    applies: (input) => hasFamily(input, 'coconut'),
  }),
  practiceRule({
    id: 'soil-for-ground-orchids',
    topic: 'medium',
    effect: 'prefer',
    points: 8,
    applies: ({ context, facts }) =>
      facts.spec.approach === 'soil-like mix' && context.plant.genus.depth === 'bulb 4 cm under',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'soil-for-tree-orchids',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'soil-like mix' &&
      (context.plant.genus.airNeed > k.TREE_ORCHID_AIR_NEED || context.plant.genus.onMount !== 'never'),
    figures: (input) => ({ genusName: input.context.plant.genus.name, airShare: input.facts.airAfterWatering }),
  }),
  practiceRule({
    id: 'underground-bulb-needs-soil',
    topic: 'medium',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) =>
      facts.spec.approach !== 'soil-like mix' && context.plant.genus.depth === 'bulb 4 cm under',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'salts-build-up',
    topic: 'medium',
    effect: 'penalise',
    points: 3,
    applies: ({ context, facts }) =>
      context.plant.genus.saltTolerance === 'low' &&
      facts.hasReservoir &&
      facts.mainMix.some((part) => part.medium.saltHolding >= k.SALT_HOLDING),
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'lasts-as-long-as-the-room',
    topic: 'medium',
    effect: 'penalise',
    points: 6,
    applies: ({ context, facts }) =>
      context.resolved.yearsWanted !== null && facts.lifeYears < context.resolved.yearsWanted,
    figures: (input) => ({ yearsWanted: input.context.resolved.yearsWanted ?? 0, lifeYears: input.facts.lifeYears }),
  }),
  practiceRule({
    id: 'new-bark-hardly-wets',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => hasFamily(input, 'conifer bark'),
  }),
  practiceRule({
    id: 'rinse-dust',
    topic: 'medium',
    effect: 'require step',
    applies: ({ facts }) => facts.mainMix.some((part) => part.medium.dust >= k.DUSTY_FROM),
    figures: ({ facts }) => ({
      dustyNames: facts.mainMix.filter((part) => part.medium.dust >= k.DUSTY_FROM).map((part) => part.medium.name),
    }),
  }),
  practiceRule({
    id: 'soak-charcoal',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => hasFamily(input, 'charcoal'),
  }),
  practiceRule({
    id: 'coarse-under-fine-roots',
    topic: 'medium',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      context.plant.rootDiameterMm < k.THINNEST_ROOT_MM &&
      facts.misfit > k.COARSE_MISFIT &&
      facts.pieceMm > context.plant.rootDiameterMm * k.COARSE_PIECES_PER_ROOT,
    figures: (input) => ({ rootDiameterMm: input.context.plant.rootDiameterMm, pieceMm: input.facts.pieceMm }),
  }),
  practiceRule({
    id: 'moss-on-fast-roots',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'moss pot' && context.plant.genus.regime === 'fast wet-dry',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'moss-in-a-large-pot',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ facts }) =>
      facts.spec.approach === 'moss pot' &&
      facts.setup.kind === 'pot' &&
      facts.setup.pot.rimDiameterCm > k.MOSS_POT_MOST_CM,
    figures: (input) => ({ rimDiameterCm: potIn(input).rimDiameterCm, mostCm: k.MOSS_POT_MOST_CM }),
  }),
  practiceRule({
    id: 'moss-round-underground-bulbs',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'moss pot' && context.plant.genus.depth === 'bulb 4 cm under',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'moss-in-damp-air',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'moss pot' &&
      context.plant.genus.regime !== 'evenly moist' &&
      context.climate.meanHumidityPct >= k.MOSS_DAMP_PCT,
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct }),
  }),
  practiceRule({
    id: 'moss-under-rain',
    topic: 'medium',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'moss pot' &&
      Math.max(...context.place.months.map((month) => month.rainDays)) >= k.RAINY_DAYS,
  }),
  practiceRule({
    id: 'wants-lime',
    topic: 'medium',
    effect: 'caution',
    applies: ({ context, facts }) => context.plant.genus.lime === 'wants lime' && facts.setup.kind === 'pot',
  }),
  practiceRule({
    id: 'hates-lime',
    topic: 'medium',
    effect: 'caution',
    applies: (input) => input.context.plant.genus.lime === 'hates lime' && isHard(input),
    figures: (input) => ({ waterDsM: input.context.feeding.waterDsM }),
  }),
  practiceRule({
    id: 'hard-water-on-moss',
    topic: 'medium',
    effect: 'penalise',
    points: 5,
    applies: (input) => isHard(input) && (input.facts.spec.approach === 'moss pot' || topFamily(input) === 'live moss'),
    figures: (input) => ({ waterDsM: input.context.feeding.waterDsM }),
  }),
  practiceRule({
    id: 'moss-drowns-thick-roots',
    topic: 'medium',
    effect: 'penalise',
    points: 10,
    applies: (input) =>
      input.facts.spec.approach === 'moss pot' &&
      input.context.plant.rootDiameterMm >= k.THICK_ROOT_IN_MOSS_MM &&
      input.context.plant.genus.regime !== 'evenly moist',
    figures: (input) => ({ rootDiameterMm: input.context.plant.rootDiameterMm }),
  }),
  practiceRule({
    id: 'loose-not-packed',
    topic: 'medium',
    effect: 'require step',
    applies: ({ facts }) => facts.spec.approach === 'moss pot' || facts.spec.approach === 'recovery in moss',
  }),
  practiceRule({
    id: 'rinse-husk-salts',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => hasFamily(input, 'coconut'),
  }),
  practiceRule({
    id: 'husk-for-salt-haters',
    topic: 'medium',
    effect: 'penalise',
    points: 4,
    applies: (input) => hasFamily(input, 'coconut') && input.context.plant.genus.saltTolerance === 'low',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'baked-clay-turns-to-paste',
    topic: 'medium',
    effect: 'caution',
    applies: (input) => hasFamily(input, 'baked clay'),
  }),
  practiceRule({
    id: 'soil-mix-hard-to-rewet',
    topic: 'medium',
    effect: 'caution',
    applies: (input) =>
      hasFamily(input, 'soil-like mix') &&
      input.judgement !== null &&
      input.judgement.year.longestDrySpellDays > k.SHEDS_WATER_AFTER_DAYS,
    figures: (input) => ({ longestDrySpellDays: input.judgement?.year.longestDrySpellDays ?? 0 }),
  }),
  practiceRule({
    id: 'perlite-floats',
    topic: 'medium',
    effect: 'caution',
    applies: (input) => hasFamily(input, 'perlite'),
  }),
  practiceRule({
    id: 'chop-moss-fine',
    topic: 'medium',
    effect: 'require step',
    applies: ({ facts }) =>
      facts.mainMix.length > 1 &&
      facts.mainMix.some(({ medium }) => medium.family === 'sphagnum' || medium.family === 'live moss'),
  }),
  practiceRule({
    id: 'reuse-after-boiling',
    topic: 'medium',
    effect: 'caution',
    applies: ({ facts }) => !facts.isOrganic && facts.setup.kind === 'pot',
  }),
  practiceRule({
    id: 'old-roots-sour-stone',
    topic: 'medium',
    effect: 'require step',
    applies: ({ context, facts }) =>
      !facts.isOrganic && facts.setup.kind === 'pot' && context.plant.liveRootShare < k.ROOTS_ALIVE_POOR,
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
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
] as const;
