/** Rules about pots: wall, shape, size, steadiness. */
import { growsOneWay } from '../../case';
import { hasOpenings, isOpenWork, stonesAgainstG } from '../../physics/pots';
import { chooseSize, gustMS, leastRimCm, yearsFor } from '../setups';
import { k } from './constants';
import { hasFamily, layersIn, potIn } from './readings';
import { practiceRule, type RuleInput } from './rule';

/** The smallest of its kind would do. */
function isAboveSmallest({ context, facts }: RuleInput): boolean {
  const { vessel } = facts.spec;
  if (vessel.kind !== 'pot') return false;
  const years = yearsFor(context, facts.mainMix);
  const smallest = chooseSize(context, vessel.potKindId, years).rimDiameterCm;
  return vessel.rimDiameterCm > Math.max(smallest, leastRimCm(context));
}

export const vesselRules = [
  practiceRule({
    id: 'too-small-to-hold',
    topic: 'pot',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) => {
      const { vessel } = facts.spec;
      if (vessel.kind !== 'pot') return false;
      const years = yearsFor(context, facts.mainMix);
      const { neededCm } = chooseSize(context, vessel.potKindId, years);
      return vessel.rimDiameterCm < neededCm - k.SIZE_SLACK_CM;
    },
    figures: (input) => ({
      rimDiameterCm: potIn(input).rimDiameterCm,
      rootBallDiameterCm: input.context.plant.rootBallDiameterCm,
    }),
  }),
  practiceRule({
    id: 'tips-over',
    topic: 'pot',
    effect: 'penalise',
    points: 5,
    applies: ({ judgement }) =>
      judgement?.stability !== undefined &&
      judgement.stability !== null &&
      judgement.stability.tippingAngleDeg < k.STEADY_TIPPING_DEG,
    figures: (input) => ({
      tippingAngleDeg: input.judgement?.stability?.tippingAngleDeg ?? 0,
      weightG: input.judgement?.stability?.weightG ?? 0,
      steadyDeg: k.STEADY_TIPPING_DEG,
    }),
  }),
  practiceRule({
    id: 'clay-cools',
    topic: 'pot',
    effect: 'prefer',
    points: 4,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.wall === 'unglazed clay' &&
      context.plant.genus.temperature === 'cool' &&
      context.climate.warmestC > k.CLAY_COOLS_ABOVE_C,
    figures: (input) => ({ warmestC: input.context.climate.warmestC }),
  }),
  practiceRule({
    id: 'holes-in-still-damp-air',
    schools: { holes: ['where-damp'] },
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.isOrganic &&
      !hasOpenings(facts.setup.pot) &&
      facts.setup.pot.wall !== 'unglazed clay' &&
      context.place.airflow === 'still room' &&
      context.climate.meanHumidityPct > k.DAMP_PCT,
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct }),
  }),
  practiceRule({
    id: 'frost-and-baked-clay',
    topic: 'medium',
    effect: 'rule out',
    applies: (input) => hasFamily(input, 'baked clay') && input.context.climate.coldestC < k.FROST_C,
    figures: (input) => ({ coldestC: input.context.climate.coldestC }),
  }),
  practiceRule({
    id: 'clear-wall-shows-roots',
    topic: 'pot',
    effect: 'prefer',
    points: 2.5,
    applies: ({ facts }) => facts.setup.kind === 'pot' && facts.setup.pot.wall === 'clear plastic',
  }),
  practiceRule({
    id: 'smallest-that-fits',
    topic: 'pot',
    effect: 'penalise',
    points: 3,
    schools: { steps: ['by-medium', 'small-steps'] },
    applies: (input) => input.facts.isOrganic && isAboveSmallest(input),
    figures: (input) => ({ rimDiameterCm: potIn(input).rimDiameterCm }),
  }),
  practiceRule({
    id: 'roomier-than-asked',
    topic: 'pot',
    effect: 'penalise',
    points: 1,
    schools: { steps: ['by-medium', 'small-steps'] },
    applies: (input) => !input.facts.isOrganic && isAboveSmallest(input),
    figures: (input) => ({ rimDiameterCm: potIn(input).rimDiameterCm }),
  }),
  practiceRule({
    id: 'shelf-space',
    topic: 'pot',
    effect: 'penalise',
    points: 2,
    applies: ({ facts }) => facts.setup.kind === 'pot' && facts.setup.pot.rimDiameterCm > k.LARGE_POT_CM,
    figures: (input) => ({ rimDiameterCm: potIn(input).rimDiameterCm }),
  }),
  practiceRule({
    id: 'wide-and-low-for-creepers',
    topic: 'pot',
    effect: 'prefer',
    points: 3,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm <= k.LOW_POT * facts.setup.pot.rimDiameterCm &&
      (context.plant.habit === 'rambling' || context.plant.habit === 'creeping stem'),
  }),
  practiceRule({
    id: 'deep-for-deep-roots',
    topic: 'pot',
    effect: 'prefer',
    points: 2,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm > k.DEEP_POT * facts.setup.pot.rimDiameterCm &&
      context.plant.rootDiameterMm >= k.THICK_ROOT_MM &&
      context.plant.heightCm >= k.TALL_PLANT_CM,
    figures: (input) => ({ potHeightCm: potIn(input).heightCm }),
  }),
  practiceRule({
    id: 'clay-for-fast-drying',
    topic: 'pot',
    effect: 'prefer',
    points: 2,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.wall === 'unglazed clay' &&
      context.plant.genus.regime === 'fast wet-dry' &&
      context.climate.meanHumidityPct >= k.CLAY_DAMP_PCT,
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct }),
  }),
  practiceRule({
    id: 'clay-drinks-the-moisture',
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.wall === 'unglazed clay' &&
      context.plant.genus.regime === 'evenly moist' &&
      ((context.plant.genus.temperature !== 'cool' && context.climate.meanHumidityPct < k.CLAY_DRY_PCT) ||
        (context.gapDays ?? 0) >= k.CLAY_MOIST_GAP_DAYS),
    figures: (input) => ({
      meanHumidityPct: input.context.climate.meanHumidityPct,
      genusName: input.context.plant.genus.name,
    }),
  }),
  practiceRule({
    id: 'opaque-for-ground-orchids',
    topic: 'pot',
    effect: 'penalise',
    points: 2,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.wall === 'clear plastic' &&
      (context.plant.genus.cover === 'needs cover' || facts.spec.approach === 'soil-like mix'),
  }),
  practiceRule({
    id: 'falls-through-the-net',
    topic: 'pot',
    effect: 'rule out',
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      isOpenWork(facts.setup.pot) &&
      facts.mainMix.every(({ medium }) => medium.pieceShape !== 'strand' && medium.d90Mm < k.NET_OPENING_MM),
    figures: (input) => ({ pieceMm: input.facts.pieceMm }),
  }),
  practiceRule({
    id: 'mesh-under-fine-media',
    topic: 'pot',
    effect: 'require step',
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.reservoir.kind === 'none' &&
      facts.setup.layers[0]?.role === 'main' &&
      facts.mainMix.some(({ medium }) => medium.pieceShape !== 'strand' && medium.d10Mm < k.FINE_PIECES_MM),
  }),
  practiceRule({
    id: 'cone-lets-air-in',
    topic: 'pot',
    effect: 'prefer',
    points: 1.5,
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.cone !== null &&
      facts.isOrganic &&
      facts.setup.pot.rimDiameterCm >= k.WIDE_POT_CM,
    figures: (input) => ({ coneHeightCm: potIn(input).cone?.heightCm ?? 0 }),
  }),
  practiceRule({
    id: 'big-pot-made-small',
    topic: 'pot',
    effect: 'prefer',
    points: 2,
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      facts.isOrganic &&
      facts.setup.pot.rimDiameterCm >= k.BIG_POT_CM &&
      facts.setup.layers[0]?.role === 'crocking' &&
      facts.setup.layers[0].heightCm >= k.DEEP_CROCKING * facts.setup.pot.heightCm,
    figures: (input) => ({ crockingHeightCm: layersIn(input)[0]?.heightCm ?? 0 }),
  }),
  practiceRule({
    id: 'runner-on-the-diagonal',
    topic: 'pot',
    effect: 'prefer',
    points: 1,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' && facts.setup.pot.shape === 'square' && growsOneWay(context.plant),
    figures: (input) => ({ diagonalCm: potIn(input).rimDiameterCm * k.SQUARE_DIAGONAL }),
  }),
  practiceRule({
    id: 'wind-rocks-it',
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, judgement }) => {
      const stands = judgement?.stability ?? null;
      return stands !== null && stands.tippingWindMS < (gustMS(context.place) ?? 0);
    },
    figures: ({ context, judgement }) => {
      const { weightG = 0, tippingWindMS = 0 } = judgement?.stability ?? {};
      const gust = gustMS(context.place) ?? 0;
      return { tippingWindMS, gustMS: gust, stonesG: stonesAgainstG(weightG, tippingWindMS, gust) };
    },
  }),
  practiceRule({
    id: 'heavy-on-the-shelf',
    topic: 'pot',
    effect: 'caution',
    applies: ({ judgement }) => (judgement?.stability?.weightG ?? 0) > k.HEAVY_POT_G,
    figures: (input) => ({ weightG: input.judgement?.stability?.weightG ?? 0 }),
  }),
  practiceRule({
    id: 'depth-out-of-reach',
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm > k.DEEP_POT * facts.setup.pot.rimDiameterCm &&
      context.plant.heightCm < k.LOW_PLANT_CM &&
      context.plant.genus.depth !== 'bulb 4 cm under',
    figures: (input) => ({ potHeightCm: potIn(input).heightCm }),
  }),
] as const;
