/** Rules about standing water and wicks. */
import { isFailing } from '../../case';
import { mediumById } from '../../catalogue/media';
import { Kin } from '../../words';
import { practiceRule, type Rule } from './rule';

export const reservoirRules: readonly Rule[] = [
  practiceRule({
    id: 'failing-plant-over-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && isFailing(context.plant),
    say: () =>
      'A plant with poor roots and no new tips goes under over a reservoir: the old roots rot before new ones come.',
    wouldChange: () => 'First moss in a small pot until root tips show; then it may move.',
  }),
  practiceRule({
    id: 'genus-never-over-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && context.plant.genus.overReservoir === 'never',
    say: ({ context }) => `${Kin(context.plant.genus)} does not live over standing water. ${context.plant.genus.trap}`,
  }),
  practiceRule({
    id: 'no-tips-no-change-to-water',
    topic: 'reservoir',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.hasReservoir &&
      context.resolved.current.mediumId !== null &&
      mediumById(context.resolved.current.mediumId).organic &&
      !context.plant.hasNewTips &&
      context.plant.state !== 'new shoot starting',
    say: ({ context }) =>
      `Roots grown in ${mediumById(context.resolved.current.mediumId ?? 'bark-6-12').name.toLowerCase()} often die when moved over water, and there are no new tips to take over.`,
    wouldChange: () => 'New root tips would allow it.',
  }),
  practiceRule({
    id: 'used-to-standing-water',
    topic: 'changing over',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      !facts.hasReservoir &&
      facts.spec.approach !== 'moss pot' &&
      (context.resolved.current.vesselKind === 'side-hole-pot' || context.resolved.current.vesselKind === 'wick-pot') &&
      !context.plant.hasNewTips,
    say: () =>
      'Its roots grew over standing water and want that constant; without new tips to take over, drying off sets it back.',
    wouldChange: () => 'New root tips, or staying over water, lift this.',
  }),
  practiceRule({
    id: 'always-moist',
    topic: 'reservoir',
    effect: 'caution',
    applies: ({ facts }) => facts.hasReservoir,
    say: () =>
      'Never let it run dry for long: roots that have grown over a reservoir die when it does. Mark the holes or the gauge on the tag side.',
  }),
  practiceRule({
    id: 'tap-the-gauge',
    topic: 'reservoir',
    effect: 'caution',
    applies: ({ facts }) => facts.spec.approach === 'wick reservoir',
    say: () => 'Tap the gauge before you believe it: floats stick.',
  }),
  practiceRule({
    id: 'moist-inorganic-stays-moist',
    topic: 'reservoir',
    effect: 'caution',
    applies: ({ facts, context }) =>
      facts.spec.approach === 'moist inorganic' && context.plant.genus.regime === 'evenly moist',
    say: () => 'Inorganic that is kept moist must always stay moist: once dry, the roots adapted to it die.',
  }),
];
