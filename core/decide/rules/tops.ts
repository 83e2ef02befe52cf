/** What lies on top of the medium. Growers disagree; each dressing has its place. */
import { DRY_HOME_PCT } from '../../physics/air';
import { k } from './constants';
import { topFamily } from './readings';
import { practiceRule, type RuleInput } from './rule';

const isPebbles = (input: RuleInput): boolean => topFamily(input) === 'stone';
/** Coarse bark over the layer that holds the roots. */
const isCoarseOverFine = (input: RuleInput): boolean => topFamily(input) === 'conifer bark';
const isMoss = (input: RuleInput): boolean => topFamily(input) === 'live moss';

/** Low clumps whose new shoots are no taller than the moss grows. */
const hasSmallShoots = ({ context }: RuleInput): boolean =>
  context.plant.heightCm < k.SMALL_SHOOTS_CM &&
  (context.plant.habit === 'clump' || context.plant.habit === 'creeping stem');

export const topRules = [
  practiceRule({
    id: 'bare-top-can-be-read',
    topic: 'top',
    effect: 'penalise',
    points: 4.5,
    schools: { top: ['bare'] },
    applies: (input) => topFamily(input) !== null,
  }),
  practiceRule({
    id: 'cannot-have-your-top',
    topic: 'top',
    effect: 'penalise',
    points: 6,
    schools: { top: ['pebbles', 'lava', 'moss'] },
    applies: (input) =>
      input.facts.setup.kind === 'pot' &&
      input.facts.spec.approach !== 'recovery in moss' &&
      input.context.resolved.chosenSchools.top !== undefined &&
      topFamily(input) === null,
  }),
  practiceRule({
    id: 'pebbles-keep-the-collar-dry',
    topic: 'top',
    effect: 'prefer',
    points: 6,
    applies: (input) =>
      isPebbles(input) &&
      input.context.plant.genus.temperature === 'cool' &&
      input.context.plant.rootDiameterMm <= k.FINE_ROOT_MM,
  }),
  practiceRule({
    id: 'pebbles-stop-algae',
    topic: 'top',
    effect: 'prefer',
    points: 1.5,
    applies: (input) => isPebbles(input) && input.facts.hasReservoir,
  }),
  practiceRule({
    id: 'pebbles-weigh-down',
    topic: 'top',
    effect: 'prefer',
    points: 4,
    applies: (input) =>
      isPebbles(input) &&
      input.judgement?.stability !== null &&
      input.judgement?.stability !== undefined &&
      input.judgement.stability.tippingAngleDeg < k.STEADY_TIPPING_DEG + k.NEARLY_STEADY_DEG,
    figures: (input) => ({ tippingAngleDeg: input.judgement?.stability?.tippingAngleDeg ?? 0 }),
  }),
  practiceRule({
    id: 'lava-holds-wayward-roots',
    topic: 'top',
    effect: 'prefer',
    points: 6,
    applies: (input) =>
      topFamily(input) === 'lava' &&
      input.context.climate.meanHumidityPct < DRY_HOME_PCT &&
      (input.context.plant.habit === 'rambling' || input.context.plant.habit === 'climbing chain'),
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct }),
  }),
  practiceRule({
    id: 'lava-scratches-fine-roots',
    topic: 'top',
    effect: 'penalise',
    points: 3,
    applies: (input) => topFamily(input) === 'lava' && input.context.plant.rootDiameterMm < k.FINE_ROOT_MM,
  }),
  practiceRule({
    id: 'moss-top-for-dry-homes',
    topic: 'top',
    effect: 'prefer',
    points: 6,
    applies: (input) =>
      isMoss(input) &&
      (input.context.climate.meanHumidityPct < DRY_HOME_PCT || input.context.plant.habit === 'climbing chain'),
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct, habit: input.context.plant.habit }),
  }),
  practiceRule({
    id: 'moss-top-smothers',
    topic: 'top',
    effect: 'penalise',
    points: 6,
    applies: (input) => isMoss(input) && hasSmallShoots(input) && input.context.climate.meanHumidityPct >= DRY_HOME_PCT,
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct }),
  }),
  practiceRule({
    id: 'moss-top-rots-cool-clumps',
    topic: 'top',
    effect: 'rule out',
    applies: (input) =>
      isMoss(input) &&
      hasSmallShoots(input) &&
      input.context.plant.genus.temperature === 'cool' &&
      input.context.plant.genus.regime === 'evenly moist' &&
      input.context.climate.meanHumidityPct >= k.DAMP_PCT,
    figures: (input) => ({ meanHumidityPct: input.context.climate.meanHumidityPct }),
  }),
  practiceRule({
    id: 'coarse-over-fine',
    topic: 'top',
    effect: 'prefer',
    points: 7,
    applies: (input) => isCoarseOverFine(input) && input.context.plant.genus.regime === 'evenly moist',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'moss-top-wets-bulbs',
    topic: 'top',
    effect: 'penalise',
    points: 4,
    applies: (input) => isMoss(input) && input.context.plant.genus.depth === 'on the surface',
  }),
] as const;
