/** Cautions, shown where they apply. They defer to labels and local law. */
import { isFailing, isRotting } from '../../case';
import { k } from './constants';
import { hasFamily } from './readings';
import { practiceRule } from './rule';

export const safetyRules = [
  practiceRule({
    id: 'gloves-sphagnum',
    topic: 'safety',
    effect: 'caution',
    applies: (input) => hasFamily(input, 'sphagnum') || hasFamily(input, 'live moss'),
  }),
  practiceRule({
    id: 'gloves-organic',
    topic: 'safety',
    effect: 'caution',
    applies: (input) => input.facts.isOrganic && !hasFamily(input, 'sphagnum'),
  }),
  practiceRule({
    id: 'mask-dust',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) => facts.mainMix.some((part) => part.medium.dust >= k.DUSTY_FROM),
  }),
  practiceRule({
    id: 'hanging-weight',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) => facts.spec.approach === 'basket' || facts.spec.approach === 'mount',
  }),
  practiceRule({
    id: 'legal-wood',
    topic: 'safety',
    effect: 'caution',
    applies: (input) =>
      hasFamily(input, 'tree fern and cork') ||
      (input.facts.spec.vessel.kind === 'mount' && input.facts.spec.vessel.mountKindId === 'mount-tree-fern'),
  }),
  practiceRule({
    id: 'label-of-the-peroxide',
    topic: 'safety',
    effect: 'caution',
    schools: { peroxide: ['where-rot', 'always'] },
    applies: ({ context }) =>
      context.resolved.stance.peroxide === 'always' || isRotting(context.plant) || isFailing(context.plant),
  }),
  practiceRule({
    id: 'blade-and-flame',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) => context.plant.liveRootShare < k.ROOTS_ALIVE_SOUND || isRotting(context.plant),
  }),
  practiceRule({
    id: 'boiling-and-baking',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) =>
      facts.mainMix.some(({ medium }) => medium.reuse === 'same plant rinsed, others after boiling or baking'),
  }),
  practiceRule({
    id: 'water-under-lamps',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) =>
      context.place.setting === 'indoor' && context.place.months.every((month) => month.lightHours >= k.LAMP_HOURS),
  }),
  practiceRule({
    id: 'away-from-children-and-pets',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) => facts.setup.kind === 'pot' && facts.hasReservoir,
  }),
  practiceRule({
    id: 'legal-plants',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) => context.plant.genus.temperature === 'cool' && context.plant.genus.cover === 'needs cover',
  }),
] as const;
