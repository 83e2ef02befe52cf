/** Rules about mounts, baskets and pots. */
import { chooseSize, yearsOfRoom } from '../setups/size';
import { cm, number, temperature } from '../words/format';
import { hasFamily, practiceRule, type Rule } from './rule';

/** Air for mounts: 60-80 % humidity (common practice). */
const MOUNT_HUMIDITY_PCT = 60;
/** In dry air a mount must be wetted every day. */
const MOUNT_LONGEST_GAP_DAYS = 1;
/** A pot that tips at less than this needs weight or a stake. */
const STEADY_TIPPING_DEG = 18;

export const vesselRules: readonly Rule[] = [
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
    say: ({ context }) => `${context.plant.genus.name} does not live on a mount. ${context.plant.genus.trap}`,
  }),
  practiceRule({
    id: 'mount-work',
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
    say: ({ context }) => `${context.plant.genus.name} is happiest with its roots in the open.`,
  }),
  practiceRule({
    id: 'basket-for-pots-plants',
    topic: 'mount',
    effect: 'penalise',
    points: 6,
    applies: ({ context, facts }) => facts.spec.approach === 'basket' && context.plant.genus.onMount === 'never',
    say: ({ context }) => `${context.plant.genus.name} is a pot plant; a basket dries its roots from every side.`,
  }),
  practiceRule({
    id: 'too-small-to-hold',
    topic: 'pot',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) => {
      const { vessel } = facts.spec;
      if (vessel.kind !== 'pot') return false;
      const years = yearsOfRoom(facts.mainMix, context.resolved.yearsWanted);
      return chooseSize(context.plant, vessel.potKindId, years).isTight;
    },
    say: ({ context, facts }, units) => {
      const rim = facts.spec.vessel.kind === 'pot' ? facts.spec.vessel.rimDiameterCm : 0;
      return `The largest of these pots, ${cm(rim, units)}, is too small for a ${cm(context.plant.rootBallDiameterCm, units)} root ball and its growth.`;
    },
    wouldChange: () => 'Dividing the plant, or fewer years between repots, would fit it.',
  }),
  practiceRule({
    id: 'tips-over',
    topic: 'pot',
    effect: 'penalise',
    points: 5,
    applies: ({ judgement }) =>
      judgement?.stability !== undefined &&
      judgement.stability !== null &&
      judgement.stability.tippingAngleDeg < STEADY_TIPPING_DEG,
    say: ({ judgement }) =>
      `Half dry it weighs ${number((judgement?.stability?.weightG ?? 0) / 1000, 1)} kg and tips at ${number(judgement?.stability?.tippingAngleDeg ?? 0, 0)}°: a plant that moves does not root. Add stones or a stake.`,
    wouldChange: () => `A heavier pot or stones below that bring it over ${STEADY_TIPPING_DEG}° take this away.`,
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
      context.climate.warmestC > 22,
    say: ({ context }, units) =>
      `Unglazed clay cools the roots of a cool grower where it gets ${temperature(context.climate.warmestC, units)}.`,
  }),
  practiceRule({
    id: 'holes-in-still-damp-air',
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.isOrganic &&
      facts.setup.pot.openShare < 0.005 &&
      facts.setup.pot.wall !== 'unglazed clay' &&
      context.place.airflow === 'still room' &&
      context.climate.meanHumidityPct > 65,
    say: ({ context }) =>
      `In still air of ${number(context.climate.meanHumidityPct, 0)} % an organic mix wants openings in the wall.`,
    wouldChange: () => 'A fan, a slotted pot or unglazed clay would do.',
  }),
  practiceRule({
    id: 'frost-and-baked-clay',
    topic: 'medium',
    effect: 'rule out',
    applies: (input) => hasFamily(input, 'baked clay') && input.context.climate.coldestC < 0,
    say: ({ context }, units) =>
      `Frost (${temperature(context.climate.coldestC, units)} here) breaks baked clay down to paste.`,
    wouldChange: () => 'A frost-free winter place would allow it.',
  }),
  practiceRule({
    id: 'clear-wall-shows-roots',
    topic: 'pot',
    effect: 'prefer',
    points: 1,
    applies: ({ facts }) => facts.setup.kind === 'pot' && facts.setup.pot.wall === 'clear plastic',
    say: () => 'Through a clear wall the roots and their colour can be seen.',
  }),
  practiceRule({
    id: 'shelf-space',
    topic: 'pot',
    effect: 'penalise',
    points: 2,
    applies: ({ facts }) => facts.setup.kind === 'pot' && facts.setup.pot.rimDiameterCm > 20,
    say: ({ facts }, units) =>
      `A ${cm(facts.setup.kind === 'pot' ? facts.setup.pot.rimDiameterCm : 0, units)} pot takes a good deal of shelf.`,
    wouldChange: () => 'Fewer years of growing room would allow a smaller one.',
  }),
];
