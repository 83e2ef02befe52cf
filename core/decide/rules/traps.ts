/** What has cost growers a plant of this kind: each trap of the catalogue that a rule can act on. */
import type { Trap } from '../../catalogue/genera';
import { isOpenWork } from '../../physics/pots';
import { neededWidthCm, yearsFor } from '../setups';
import { k } from './constants';
import { hasFamily, topFamily } from './readings';
import { practiceRule, type RuleInput } from './rule';

const has = ({ context }: RuleInput, trap: Trap): boolean => context.plant.genus.traps.includes(trap);
const isPotted = ({ facts }: RuleInput): boolean => facts.setup.kind === 'pot' && facts.spec.approach !== 'basket';
const genusName = ({ context }: RuleInput): string => context.plant.genus.name;

const yearsOf = ({ context, facts }: RuleInput): number => yearsFor(context, facts.mainMix);

/** Height for width of the pot; 0 of a mount. */
function slimness({ facts: { setup } }: RuleInput): number {
  return setup.kind === 'pot' ? setup.pot.heightCm / setup.pot.rimDiameterCm : 0;
}

export const trapRules = [
  practiceRule({
    id: 'husk-rots-its-roots',
    topic: 'medium',
    effect: 'rule out',
    applies: (input) => has(input, 'husk rots its roots') && hasFamily(input, 'coconut'),
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'stone-for-rock-plants',
    topic: 'medium',
    effect: 'prefer',
    points: 6,
    applies: (input) => has(input, 'wants stone') && isPotted(input) && !input.facts.isOrganic,
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'tight-pot',
    topic: 'pot',
    effect: 'penalise',
    points: 6,
    applies: (input) => {
      const { setup } = input.facts;
      if (setup.kind !== 'pot' || !has(input, 'likes a tight pot')) return false;
      return setup.pot.rimDiameterCm > neededWidthCm(input.context, yearsOf(input)) + k.TIGHT_POT_CM;
    },
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'wet-drops-roots',
    topic: 'air',
    effect: 'penalise',
    points: 8,
    applies: (input) =>
      has(input, 'drops its roots when wet') && isPotted(input) && input.facts.airAfterWatering < k.AIR_FOR_DROPPERS,
    figures: (input) => ({ genusName: genusName(input), airShare: input.facts.airAfterWatering }),
  }),
  practiceRule({
    id: 'spent-before-the-next-time',
    topic: 'medium',
    effect: 'penalise',
    points: 5,
    applies: (input) => has(input, 'stale medium ends it') && input.facts.lifeYears < yearsOf(input),
    figures: (input) => ({ genusName: genusName(input), lifeYears: input.facts.lifeYears }),
  }),
  practiceRule({
    id: 'renew-before-stale',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => has(input, 'stale medium ends it'),
    figures: (input) => ({ genusName: genusName(input), lifeYears: input.facts.lifeYears }),
  }),
  practiceRule({
    id: 'moss-top-rots-shoots',
    topic: 'top',
    effect: 'rule out',
    applies: (input) => has(input, 'moss on top rots its shoots') && topFamily(input) === 'live moss',
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'shallow-for-shallow-roots',
    topic: 'pot',
    effect: 'prefer',
    points: 5,
    applies: (input) => has(input, 'shallow vessel') && slimness(input) <= k.LOW_POT,
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'stake-or-stones',
    topic: 'plant',
    effect: 'require step',
    applies: (input) => has(input, 'top-heavy') && isPotted(input),
  }),
  practiceRule({
    id: 'heavy-pot-for-top-heavy',
    topic: 'pot',
    effect: 'prefer',
    points: 2,
    applies: ({ context, facts }) =>
      context.plant.genus.traps.includes('top-heavy') &&
      facts.setup.kind === 'pot' &&
      (facts.setup.pot.wall === 'unglazed clay' || facts.setup.pot.wall === 'glazed clay'),
  }),
  practiceRule({
    id: 'room-for-pendent-spikes',
    topic: 'pot',
    effect: 'prefer',
    points: 4,
    applies: (input) =>
      has(input, 'pendent spikes') && (input.facts.spec.approach === 'basket' || slimness(input) > k.DEEP_POT),
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'spikes-grow-down',
    topic: 'pot',
    effect: 'rule out',
    applies: (input) =>
      has(input, 'spikes grow down') && input.facts.setup.kind === 'pot' && !isOpenWork(input.facts.setup.pot),
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'repot-every-year',
    topic: 'rest and absence',
    effect: 'require step',
    applies: (input) => has(input, 'roots die back every year'),
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'keep-soft-shoots-dry',
    topic: 'plant',
    effect: 'require step',
    applies: (input) => has(input, 'soft shoots rot') && isPotted(input),
  }),
  practiceRule({
    id: 'moss-on-soft-shoots',
    topic: 'top',
    effect: 'penalise',
    points: 6,
    applies: (input) => has(input, 'soft shoots rot') && topFamily(input) === 'live moss',
  }),
  practiceRule({
    id: 'lasting-mix-for-peace',
    topic: 'medium',
    effect: 'prefer',
    points: 2,
    applies: (input) => has(input, 'leave it alone') && input.facts.lifeYears >= k.PEACE_YEARS,
    figures: (input) => ({ genusName: genusName(input), lifeYears: input.facts.lifeYears }),
  }),
  practiceRule({
    id: 'leave-basket-roots',
    topic: 'roots',
    effect: 'require step',
    applies: (input) => has(input, 'basket roots'),
  }),
  practiceRule({
    id: 'set-it-low',
    topic: 'plant',
    effect: 'require step',
    applies: (input) => has(input, 'climbs out of its pot') && input.facts.setup.kind === 'pot',
  }),
  practiceRule({
    id: 'chain-bulbs-may-stay-wrinkled',
    topic: 'plant',
    effect: 'caution',
    applies: (input) => has(input, 'old bulbs stay wrinkled') && input.context.plant.bulbs === 'wrinkled',
  }),
  practiceRule({
    id: 'pests-by-the-label',
    topic: 'safety',
    effect: 'caution',
    applies: (input) => has(input, 'mealybugs in its sheaths'),
  }),
  practiceRule({
    id: 'soak-not-mist',
    topic: 'mount',
    effect: 'require step',
    applies: (input) => has(input, 'soak, not mist') && !isPotted(input),
  }),
  practiceRule({
    id: 'hollow-moss',
    topic: 'medium',
    effect: 'require step',
    applies: (input) => has(input, 'hollow moss only') && input.facts.spec.approach === 'moss pot',
  }),
  practiceRule({
    id: 'give-it-a-post',
    topic: 'plant',
    effect: 'require step',
    applies: (input) => has(input, 'needs a post') && isPotted(input),
  }),
  practiceRule({
    id: 'coarse-and-clean',
    topic: 'medium',
    effect: 'penalise',
    points: 6,
    applies: (input) =>
      has(input, 'coarse clean pieces') && isPotted(input) && input.facts.airAfterWatering < k.AIR_FOR_DROPPERS,
    figures: (input) => ({ genusName: genusName(input) }),
  }),
  practiceRule({
    id: 'unbent-roots',
    topic: 'roots',
    effect: 'penalise',
    points: 6,
    applies: (input) => has(input, 'roots hate being bent') && isPotted(input),
    figures: (input) => ({ genusName: genusName(input) }),
  }),
] as const;
