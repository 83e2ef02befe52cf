/** Rules about standing water and wicks. */
import { isFailing, isRotting, showsTips, tipsUnknown } from '../../case';
import { takesOver } from './changing-over';
import { mediumById } from '../../catalogue/media';
import { keepsWater } from '../../catalogue/vessels';
import { isOpenWork, isPorous } from '../../physics/pots';
import { k } from './constants';
import { currentMedium } from './readings';
import { practiceRule, type RuleInput } from './rule';

function goesFromOrganicOverWater({ context, facts }: RuleInput): boolean {
  const { mediumId } = context.resolved.current;
  return facts.hasReservoir && mediumId !== null && mediumById(mediumId).organic;
}

/** A net pot whose foot stands in a bowl of water. */
const isInBowl = ({ facts }: RuleInput): boolean =>
  facts.hasReservoir && facts.setup.kind === 'pot' && isOpenWork(facts.setup.pot);

export const reservoirRules = [
  practiceRule({
    id: 'rot-over-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && isRotting(context.plant),
  }),
  practiceRule({
    id: 'failing-plant-over-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && isFailing(context.plant),
  }),
  practiceRule({
    id: 'genus-never-over-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && context.plant.genus.overReservoir === 'never',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'rain-fills-the-reservoir',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.hasReservoir && Math.max(...context.place.months.map((month) => month.rainDays)) >= k.RAINY_DAYS,
    figures: (input) => ({ rainDays: Math.max(...input.context.place.months.map((month) => month.rainDays)) }),
  }),
  practiceRule({
    id: 'reservoir-freezes',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && context.climate.coldestC < k.FROST_C,
    figures: (input) => ({ coldestC: input.context.climate.coldestC }),
  }),
  practiceRule({
    id: 'no-tips-no-change-to-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: (input) =>
      goesFromOrganicOverWater(input) &&
      !tipsUnknown(input.context.plant.signs) &&
      !takesOver(input.context.plant.signs),
    figures: (input) => ({ fromName: currentMedium(input)?.name ?? '' }),
  }),
  practiceRule({
    id: 'tips-before-water',
    topic: 'reservoir',
    effect: 'require step',
    applies: (input) =>
      goesFromOrganicOverWater(input) &&
      tipsUnknown(input.context.plant.signs) &&
      !takesOver(input.context.plant.signs),
    figures: (input) => ({ fromName: currentMedium(input)?.name ?? '' }),
  }),
  practiceRule({
    id: 'used-to-standing-water',
    topic: 'changing over',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      !facts.hasReservoir &&
      facts.spec.approach !== 'moss pot' &&
      keepsWater(context.resolved.current.vesselKind) &&
      !showsTips(context.plant.signs),
  }),
  practiceRule({
    id: 'bowl-is-for-wet-feet',
    topic: 'reservoir',
    effect: 'penalise',
    points: 9,
    applies: (input) => isInBowl(input) && input.context.plant.genus.regime !== 'evenly moist',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'bowl-is-uncommon',
    topic: 'reservoir',
    effect: 'penalise',
    points: 3,
    applies: isInBowl,
  }),
  practiceRule({
    id: 'two-pots-of-clay',
    topic: 'reservoir',
    effect: 'penalise',
    points: 3,
    applies: ({ facts }) => facts.hasReservoir && facts.setup.kind === 'pot' && isPorous(facts.setup.pot.wall),
  }),
  practiceRule({
    id: 'always-moist',
    topic: 'reservoir',
    effect: 'caution',
    applies: ({ facts }) => facts.hasReservoir,
  }),
  practiceRule({
    id: 'tap-the-gauge',
    topic: 'reservoir',
    effect: 'caution',
    applies: ({ facts }) => facts.spec.approach === 'wick reservoir',
  }),
  practiceRule({
    id: 'moist-inorganic-stays-moist',
    topic: 'reservoir',
    effect: 'caution',
    applies: ({ facts, context }) =>
      facts.spec.approach === 'moist inorganic' && context.plant.genus.regime === 'evenly moist',
  }),
] as const;
