/** The sentences of the rules in decide/rules/safety. */
import type { safetyRules } from '../../decide/rules';
import type { WordsFor } from './rule-words';

export const safetyRuleWords: WordsFor<typeof safetyRules> = {
  'gloves-sphagnum': {
    says: () =>
      'Wear gloves with sphagnum: a fungus that infects skin can live in it. Use moss from legal sources only.',
  },
  'gloves-organic': {
    says: () =>
      'Wear gloves and do not breathe the dust of potting media: a bacterium that infects the lungs can live in them.',
  },
  'mask-dust': {
    says: () => 'Wear a mask against the dust and damp the medium before you pour it.',
  },
  'hanging-weight': {
    says: () => 'If it hangs, check hook and ceiling for its wet weight.',
  },
  'legal-wood': {
    says: () => 'Buy tree fern and wood from legal sources only.',
  },
  'label-of-the-peroxide': {
    says: () => 'Peroxide: eyes and skin away from it, never mixed with other chemicals; the label wins.',
  },
  'blade-and-flame': {
    says: () => 'Cut away from your hand. Flame and alcohol stay apart: let one dry before you light the other.',
  },
  'boiling-and-baking': {
    says: () => 'Boiling or baking media: open a window, never leave it alone, and mind the steam.',
  },
  'water-under-lamps': {
    says: () => 'Under lamps: keep plugs and drivers above the water line, and switch off before you spray.',
  },
  'away-from-children-and-pets': {
    says: () =>
      'Keep standing water, feed and loose media from children and pets; for most orchids nobody knows if they harm.',
  },
  'legal-plants': {
    says: () =>
      'Hardy ground orchids are protected in many countries: buy raised plants, and ask the authority before one crosses a border.',
  },
};
