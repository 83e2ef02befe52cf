/** Cautions, shown where they apply. They defer to labels and local law. */
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
];
