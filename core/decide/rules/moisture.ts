/** Rules that read the dry-down: too wet, too dry, too little air. */
import { k } from './constants';
import { fastestDays, medianDays } from './readings';
import { practiceRule } from './rule';

export const moistureRules = [
  practiceRule({
    id: 'suffocates',
    topic: 'air',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.airAfterWatering < k.SUFFOCATES_BELOW * context.plant.genus.airNeed,
    figures: (input) => ({
      airNeedShare: input.context.plant.genus.airNeed,
      genusName: input.context.plant.genus.name,
      airShare: input.facts.airAfterWatering,
    }),
  }),
  practiceRule({
    id: 'never-dries',
    topic: 'moisture',
    effect: 'rule out',
    applies: (input) => {
      const { context, judgement, facts } = input;
      const { wetMinded, wetTellsDays, driedOffShare, waterAtShare } = context.regime;
      if (!judgement || wetMinded < k.MINDS_WET_FROM || facts.hasReservoir) return false;
      const driesOffDays = medianDays(input) * ((1 - driedOffShare) / (1 - waterAtShare));
      return driesOffDays > k.NEVER_DRIES_FACTOR * wetTellsDays;
    },
    figures: (input) => ({
      wetTellsDays: input.context.regime.wetTellsDays,
      genusName: input.context.plant.genus.name,
      medianDays: medianDays(input),
    }),
  }),
  practiceRule({
    id: 'parches',
    topic: 'moisture',
    effect: 'rule out',
    applies: ({ judgement }) => judgement !== null && judgement.year.harmBy.drought > k.PARCHES_FROM_DAYS,
    figures: (input) => ({
      fastestDays: fastestDays(input),
      harmDays: input.judgement?.year.harmBy.drought ?? 0,
      gapDays: input.context.gapDays,
    }),
  }),
  practiceRule({
    id: 'reservoir-forbids-dry-spell',
    topic: 'moisture',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      facts.hasReservoir &&
      context.plant.genus.regime === 'fast wet-dry' &&
      context.plant.genus.overReservoir !== 'well',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'forgiving-gap',
    topic: 'moisture',
    effect: 'prefer',
    points: 4,
    applies: ({ facts, context }) =>
      facts.hasReservoir &&
      (context.gapDays ?? 0) >= k.RESERVOIR_GAP_DAYS &&
      context.plant.genus.overReservoir === 'well',
    figures: (input) => ({ gapDays: input.context.gapDays ?? 0 }),
  }),
] as const;
