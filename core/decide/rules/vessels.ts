/** Rules about pots: wall, shape, size, steadiness. */
import { runsOneWay } from '../../catalogue/genera';
import { cm, kin, mm, number, temperature } from '../../words';
import { chooseSize, diagonalGain, yearsOfRoom } from '../setups';
import { hasFamily, practiceRule, type Rule } from './rule';
import { STEADY_TIPPING_DEG } from './steadiness';

/** What slats and nets let through, mm (from memory of common baskets and net pots). */
const NET_OPENING_MM = 10;

export const vesselRules: readonly Rule[] = [
  practiceRule({
    id: 'too-small-to-hold',
    topic: 'pot',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) => {
      const { vessel } = facts.spec;
      if (vessel.kind !== 'pot') return false;
      const years = yearsOfRoom(facts.mainMix, context.resolved.yearsWanted, context.resolved.stance);
      const { neededCm } = chooseSize(context.plant, vessel.potKindId, years);
      const gain = diagonalGain(context.plant, vessel.potKindId);
      return vessel.rimDiameterCm * gain < neededCm - 0.05;
    },
    say: ({ context, facts }, units) => {
      const rim = facts.spec.vessel.kind === 'pot' ? facts.spec.vessel.rimDiameterCm : 0;
      return `${cm(rim, units)} is too small for a ${cm(context.plant.rootBallDiameterCm, units)} root ball and its growth.`;
    },
    wouldChange: () => 'A larger pot, dividing the plant, or fewer years between repots would fit it.',
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
    schools: { holes: ['where-damp'] },
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
  practiceRule({
    id: 'wide-and-low-for-creepers',
    topic: 'pot',
    effect: 'prefer',
    points: 3,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm <= 0.6 * facts.setup.pot.rimDiameterCm &&
      (context.plant.habit === 'rambling' || context.plant.habit === 'creeping stem'),
    say: () => 'Wide and low: its shallow roots use all of it as it spreads.',
  }),
  practiceRule({
    id: 'deep-for-deep-roots',
    topic: 'pot',
    effect: 'prefer',
    points: 2,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm > 1.2 * facts.setup.pot.rimDiameterCm &&
      context.plant.rootDiameterMm >= 3 &&
      context.plant.heightCm >= 50,
    say: ({ facts }, units) =>
      `${cm(facts.setup.kind === 'pot' ? facts.setup.pot.heightCm : 0, units)} of depth suits long thick roots and stands against a tall plant.`,
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
      context.climate.meanHumidityPct >= 55,
    say: ({ context }) =>
      `Clay dries from its sides too, which fast wet-dry roots want at ${number(context.climate.meanHumidityPct, 0)} % humidity.`,
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
      context.plant.genus.temperature !== 'cool' &&
      context.climate.meanHumidityPct < 50,
    say: ({ context }) =>
      `In ${number(context.climate.meanHumidityPct, 0)} % air unglazed clay takes the moisture that ${kin(context.plant.genus)} must never lack.`,
    wouldChange: () => 'Plastic or glazed clay would keep it.',
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
    say: () => 'Roots of ground orchids shun light; a clear wall lets it in and grows algae.',
    wouldChange: () => 'An outer pot round it takes this away.',
  }),
  practiceRule({
    id: 'falls-through-the-net',
    topic: 'pot',
    effect: 'rule out',
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.openShare >= 0.3 &&
      facts.mainMix.every(({ medium }) => medium.pieceShape !== 'strand' && medium.largeMm < NET_OPENING_MM),
    say: ({ facts }, units) => `Pieces of about ${mm(facts.pieceMm, units)} fall through slats and nets.`,
    wouldChange: () => 'Pieces over 10 mm, or moss among them, would stay in.',
  }),
  practiceRule({
    id: 'mesh-under-fine-media',
    topic: 'pot',
    effect: 'require step',
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.reservoir.kind === 'none' &&
      facts.setup.layers[0]?.role === 'main' &&
      facts.mainMix.some(({ medium }) => medium.pieceShape !== 'strand' && medium.smallMm < 3),
    say: () => 'Lay a piece of mesh over the holes: the fine part of the mix runs out without crocking.',
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
      facts.setup.pot.rimDiameterCm >= 13,
    say: ({ facts }, units) =>
      `The ${cm(facts.setup.kind === 'pot' ? (facts.setup.pot.cone?.heightCm ?? 0) : 0, units)} cone lets air into the middle, where a wide pot dries last.`,
  }),
  practiceRule({
    id: 'big-pot-made-small',
    topic: 'pot',
    effect: 'prefer',
    points: 2,
    applies: ({ facts }) =>
      facts.setup.kind === 'pot' &&
      facts.isOrganic &&
      facts.setup.pot.rimDiameterCm >= 17 &&
      facts.setup.layers[0]?.role === 'crocking' &&
      facts.setup.layers[0].heightCm >= 0.25 * facts.setup.pot.heightCm,
    say: ({ facts }, units) =>
      `${cm(facts.setup.kind === 'pot' ? (facts.setup.layers[0]?.heightCm ?? 0) : 0, units)} of crocking makes a big pot small: only the layer above it stays wet.`,
  }),
  practiceRule({
    id: 'runner-on-the-diagonal',
    topic: 'pot',
    effect: 'prefer',
    points: 1,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' && facts.setup.pot.shape === 'square' && runsOneWay(context.plant.habit),
    say: ({ facts }, units) =>
      `Set on the diagonal of the square pot it runs ${cm(facts.setup.kind === 'pot' ? facts.setup.pot.rimDiameterCm * 1.41 : 0, units)} before it meets a wall.`,
  }),
  practiceRule({
    id: 'wind-rocks-it',
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, judgement }) =>
      context.place.airflow === 'windy' &&
      judgement?.stability !== undefined &&
      judgement.stability !== null &&
      judgement.stability.tippingAngleDeg < STEADY_TIPPING_DEG + 8,
    say: ({ judgement }) =>
      `Tipping at ${number(judgement?.stability?.tippingAngleDeg ?? 0, 0)}°, the wind there will rock it, and what rocks does not root.`,
    wouldChange: () => 'A heavier pot, stones or a lee corner would steady it.',
  }),
  practiceRule({
    id: 'heavy-on-the-shelf',
    topic: 'pot',
    effect: 'caution',
    applies: ({ judgement }) => (judgement?.stability?.weightG ?? 0) > 4000,
    say: ({ judgement }) =>
      `Half dry it weighs ${number((judgement?.stability?.weightG ?? 0) / 1000, 1)} kg: mind the shelf and your back.`,
  }),
  practiceRule({
    id: 'depth-out-of-reach',
    topic: 'pot',
    effect: 'penalise',
    points: 4,
    applies: ({ context, facts }) =>
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm > 1.2 * facts.setup.pot.rimDiameterCm &&
      context.plant.heightCm < 40 &&
      context.plant.genus.depth !== 'bulb 4 cm under',
    say: ({ facts }, units) =>
      `Its roots will not reach down ${cm(facts.setup.kind === 'pot' ? facts.setup.pot.heightCm : 0, units)}; the foot of a deep pot stays wet and unused.`,
    wouldChange: () => 'An ordinary pot would lift this.',
  }),
];
