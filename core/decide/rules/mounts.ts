/** Rules about roots in the open: mounts and baskets. */
import { Kin, kin, number, temperature } from '../../words';
import { practiceRule, type Rule } from './rule';

/** Air for mounts: 60-80 % humidity (common practice). */
const MOUNT_HUMIDITY_PCT = 60;
/** Roots content with this much air or less are at home in the ground, v/v (from memory). */
const GROUND_AIR_NEED = 0.3;
/** In dry air a mount must be wetted every day. */
const MOUNT_LONGEST_GAP_DAYS = 1;

export const mountRules: readonly Rule[] = [
  practiceRule({
    id: 'mount-in-dry-air',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'mount' &&
      context.climate.leastHumidityPct < MOUNT_HUMIDITY_PCT &&
      (context.gapDays === null || context.gapDays > MOUNT_LONGEST_GAP_DAYS),
    say: ({ context }) =>
      `In the driest month your air has ${number(context.climate.leastHumidityPct, 0)} % humidity: a mount then needs wetting every day, and you water ${context.gapDays === null ? 'when the pot is dry' : `every ${context.gapDays} days`}.`,
    wouldChange: () => `Daily wetting, or air above ${MOUNT_HUMIDITY_PCT} %, would allow a mount.`,
  }),
  practiceRule({
    id: 'genus-never-mounted',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && context.plant.genus.onMount === 'never',
    say: ({ context }) => `${Kin(context.plant.genus)} does not live on a mount. ${context.plant.genus.trap}`,
  }),
  practiceRule({
    id: 'mount-work',
    schools: { mounts: ['count-work'] },
    topic: 'mount',
    effect: 'penalise',
    points: 6,
    applies: ({ facts }) => facts.spec.approach === 'mount',
    say: () => 'A mount is work: it wants wetting daily, twice in the hottest weeks.',
    wouldChange: () => 'Growers who enjoy the daily round will not count this.',
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
    say: ({ context }) => `${Kin(context.plant.genus)} is happiest with its roots in the open.`,
  }),
  practiceRule({
    id: 'ground-orchid-in-the-air',
    topic: 'mount',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.spec.approach === 'basket' &&
      context.plant.genus.onMount === 'never' &&
      context.plant.genus.airNeed <= GROUND_AIR_NEED,
    say: ({ context }) =>
      `${Kin(context.plant.genus)} roots in the ground; in an open basket its roots dry from every side and nothing holds the feed.`,
    wouldChange: () => 'Only a closed pot holds what it feeds on.',
  }),
  practiceRule({
    id: 'basket-for-pots-plants',
    topic: 'mount',
    effect: 'penalise',
    points: 6,
    applies: ({ context, facts }) => facts.spec.approach === 'basket' && context.plant.genus.onMount === 'never',
    say: ({ context }) => `${Kin(context.plant.genus)} is a pot plant; a basket dries its roots from every side.`,
  }),
  practiceRule({
    id: 'twice-daily-in-heat',
    topic: 'mount',
    effect: 'caution',
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && context.climate.warmestC >= 30,
    say: ({ context }, units) =>
      `In your hottest weeks, up to ${temperature(context.climate.warmestC, units)}, wet it twice a day.`,
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
      context.climate.leastHumidityPct >= 65,
    say: ({ context }) =>
      `Tough roots in air that never falls under ${number(context.climate.leastHumidityPct, 0)} %: one or two soaks a week can do.`,
  }),
  practiceRule({
    id: 'fix-so-nothing-moves',
    topic: 'mount',
    effect: 'require step',
    applies: ({ facts }) => facts.spec.approach === 'mount',
    say: () => 'Fix it so that nothing moves, with a thread that does not cut; keep bulbs and leaves out of the moss.',
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
    say: () => 'Bare plastic or clay gives young roots nothing to grip and nothing damp.',
    wouldChange: () => 'A thin pad of moss would lift this.',
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
      context.climate.leastHumidityPct >= MOUNT_HUMIDITY_PCT,
    say: ({ context }) =>
      `In ${number(context.climate.leastHumidityPct, 0)} % air its roots need no pad, and ${kin(context.plant.genus)} refuses to have them covered.`,
    wouldChange: () => 'In drier air a thin pad is a fair price.',
  }),
];
