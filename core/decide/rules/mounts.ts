/** Rules about roots in the open: mounts and baskets. */
import { isFailing } from '../../case';
import type { CaseContext } from '../setups';
import { k } from './constants';
import { practiceRule, type RuleInput } from './rule';

/** How long an open basket goes without water: less in dry air, and least with roots that must stay moist. */
function longestBasketGapDays({ climate, plant }: CaseContext): number {
  const isDry = climate.leastHumidityPct < k.BASKET_HUMIDITY_PCT;
  const isMoist = plant.genus.regime === 'evenly moist';
  if (isDry) return isMoist ? k.MOUNT_LONGEST_GAP_DAYS : k.BASKET_LONGEST_GAP_DAYS;
  return isMoist ? k.BASKET_DAMP_MOIST_GAP_DAYS : k.BASKET_DAMP_GAP_DAYS;
}

const isLaidFlat = ({ facts }: RuleInput): boolean => facts.setup.kind === 'mount' && facts.setup.mount.isLying;

export const mountRules = [
  practiceRule({
    id: 'mount-in-dry-air',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'mount' &&
      context.climate.leastHumidityPct < k.MOUNT_HUMIDITY_PCT &&
      (context.gapDays === null || context.gapDays > k.MOUNT_LONGEST_GAP_DAYS),
    figures: (input) => ({
      leastHumidityPct: input.context.climate.leastHumidityPct,
      gapDays: input.context.gapDays,
      mountHumidityPct: k.MOUNT_HUMIDITY_PCT,
    }),
  }),
  practiceRule({
    id: 'mount-cannot-wait',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && (context.gapDays ?? 0) > k.MOUNT_DAMP_GAP_DAYS,
    figures: (input) => ({ gapDays: input.context.gapDays ?? 0, longestGapDays: k.MOUNT_DAMP_GAP_DAYS }),
  }),
  practiceRule({
    id: 'failing-in-the-open',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      (facts.spec.approach === 'mount' || facts.spec.approach === 'basket') &&
      isFailing(context.plant) &&
      context.plant.genus.cover !== 'refuses cover',
  }),
  practiceRule({
    id: 'lying-hides-hanging-spikes',
    topic: 'mount',
    effect: 'rule out',
    applies: (input) => isLaidFlat(input) && input.context.plant.genus.traps.includes('spikes grow down'),
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'lying-suits-wanderers',
    topic: 'mount',
    effect: 'prefer',
    points: 3,
    applies: (input) => isLaidFlat(input) && input.context.plant.habit === 'rambling',
  }),
  practiceRule({
    id: 'hung-dries-evenly',
    topic: 'mount',
    effect: 'penalise',
    points: 4,
    applies: (input) => isLaidFlat(input) && input.context.plant.habit !== 'rambling',
  }),
  practiceRule({
    id: 'genus-never-mounted',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && context.plant.genus.onMount === 'never',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'mount-work',
    schools: { mounts: ['count-work'] },
    topic: 'mount',
    effect: 'penalise',
    points: 6,
    applies: ({ facts }) => facts.spec.approach === 'mount',
  }),
  practiceRule({
    id: 'mount-suits',
    topic: 'mount',
    effect: 'prefer',
    points: 8,
    applies: ({ context, facts }) =>
      (facts.spec.approach === 'mount' || facts.spec.approach === 'basket') &&
      context.plant.genus.onMount === 'well' &&
      context.plant.genus.cover === 'refuses cover',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'ground-orchid-in-the-air',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'basket' &&
      context.plant.genus.onMount === 'never' &&
      context.plant.genus.airNeed <= k.GROUND_AIR_NEED,
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'basket-for-pots-plants',
    topic: 'mount',
    effect: 'penalise',
    points: 6,
    applies: ({ context, facts }) => facts.spec.approach === 'basket' && context.plant.genus.onMount === 'never',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'basket-in-dry-air',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'basket' &&
      context.plant.genus.cover !== 'refuses cover' &&
      (context.gapDays ?? Infinity) > longestBasketGapDays(context),
    figures: (input) => ({
      leastHumidityPct: input.context.climate.leastHumidityPct,
      gapDays: input.context.gapDays,
      longestGapDays: longestBasketGapDays(input.context),
    }),
  }),
  practiceRule({
    id: 'twice-daily-in-heat',
    topic: 'mount',
    effect: 'caution',
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && context.climate.warmestC >= k.HOT_C,
    figures: (input) => ({ warmestC: input.context.climate.warmestC }),
  }),
  practiceRule({
    id: 'tough-ones-on-mounts',
    topic: 'mount',
    effect: 'prefer',
    points: 3,
    applies: ({ context, facts }) =>
      facts.spec.approach === 'mount' &&
      context.plant.genus.onMount === 'well' &&
      context.plant.genus.regime === 'nearly dry' &&
      context.climate.leastHumidityPct >= k.EASY_MOUNT_PCT,
    figures: (input) => ({ leastHumidityPct: input.context.climate.leastHumidityPct }),
  }),
  practiceRule({
    id: 'fix-so-nothing-moves',
    topic: 'mount',
    effect: 'require step',
    applies: ({ facts }) => facts.spec.approach === 'mount',
  }),
  practiceRule({
    id: 'slab-needs-a-pad',
    topic: 'mount',
    effect: 'penalise',
    points: 6,
    applies: ({ facts }) =>
      facts.setup.kind === 'mount' &&
      (facts.setup.mount.material === 'plastic slab' || facts.setup.mount.material === 'clay plate') &&
      facts.setup.mount.padThicknessCm <= 0,
  }),
  practiceRule({
    id: 'pad-on-roots-that-refuse-cover',
    topic: 'mount',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'mount' &&
      facts.setup.mount.padThicknessCm > 0 &&
      context.plant.genus.cover === 'refuses cover' &&
      context.climate.leastHumidityPct >= k.MOUNT_HUMIDITY_PCT,
    figures: (input) => ({
      leastHumidityPct: input.context.climate.leastHumidityPct,
      genusName: input.context.plant.genus.name,
    }),
  }),
] as const;
