/** Cautions, shown where they apply. They defer to labels and local law. */
import { isFailing } from '../../case';
import { hasFamily, practiceRule, type Rule } from './rule';

export const safetyRules: readonly Rule[] = [
  practiceRule({
    id: 'gloves-sphagnum',
    topic: 'safety',
    effect: 'caution',
    applies: (input) => hasFamily(input, 'sphagnum') || hasFamily(input, 'live moss'),
    say: () =>
      'Wear gloves with sphagnum: a fungus that infects skin can live in it. Use moss from legal sources only.',
  }),
  practiceRule({
    id: 'gloves-organic',
    topic: 'safety',
    effect: 'caution',
    applies: (input) => input.facts.isOrganic && !hasFamily(input, 'sphagnum'),
    say: () =>
      'Wear gloves and do not breathe the dust of potting media: a bacterium that infects the lungs can live in them.',
  }),
  practiceRule({
    id: 'mask-dust',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) => facts.mainMix.some((part) => part.medium.dust >= 0.6),
    say: () => 'Wear a mask against the dust and damp the medium before you pour it.',
  }),
  practiceRule({
    id: 'hanging-weight',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) => facts.spec.approach === 'basket' || facts.spec.approach === 'mount',
    say: () => 'If it hangs, check hook and ceiling for its wet weight.',
  }),
  practiceRule({
    id: 'legal-wood',
    topic: 'safety',
    effect: 'caution',
    applies: (input) =>
      hasFamily(input, 'tree fern and cork') ||
      (input.facts.spec.vessel.kind === 'mount' && input.facts.spec.vessel.mountKindId === 'mount-tree-fern'),
    say: () => 'Buy tree fern and wood from legal sources only.',
  }),
  practiceRule({
    id: 'label-of-the-peroxide',
    topic: 'safety',
    effect: 'caution',
    schools: { peroxide: ['where-rot', 'always'] },
    applies: ({ context }) =>
      context.resolved.stance.peroxide === 'always' ||
      context.plant.bulbs === 'soft or oozing' ||
      isFailing(context.plant),
    say: () => 'Peroxide: eyes and skin away from it, never mixed with other chemicals; the label wins.',
  }),
  practiceRule({
    id: 'blade-and-flame',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) => context.plant.liveRootShare < 0.8 || context.plant.bulbs === 'soft or oozing',
    say: () => 'Cut away from your hand. Flame and alcohol stay apart: let one dry before you light the other.',
  }),
  practiceRule({
    id: 'boiling-and-baking',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) =>
      facts.mainMix.some(({ medium }) => medium.reuse === 'same plant rinsed, others after boiling or baking'),
    say: () => 'Boiling or baking media: open a window, never leave it alone, and mind the steam.',
  }),
  practiceRule({
    id: 'water-under-lamps',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) =>
      context.place.setting === 'indoor' && context.place.months.every((month) => month.lightHours >= 12),
    say: () => 'Under lamps: keep plugs and drivers above the water line, and switch off before you spray.',
  }),
  practiceRule({
    id: 'away-from-children-and-pets',
    topic: 'safety',
    effect: 'caution',
    applies: ({ facts }) => facts.setup.kind === 'pot' && facts.hasReservoir,
    say: () =>
      'Keep standing water, feed and loose media from children and pets; for most orchids nobody knows if they harm.',
  }),
  practiceRule({
    id: 'legal-plants',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) => context.plant.genus.temperature === 'cool' && context.plant.genus.cover === 'needs cover',
    say: () =>
      'Hardy ground orchids are protected in many countries: buy raised plants, and ask the authority before one crosses a border.',
  }),
  practiceRule({
    id: 'pests-by-the-label',
    topic: 'safety',
    effect: 'caution',
    applies: ({ context }) => /mealybug|mite|pest/i.test(context.plant.genus.trap),
    say: () => 'Look for pests in sheaths and under leaves. Whatever you spray: your local rules and the label decide.',
  }),
];
