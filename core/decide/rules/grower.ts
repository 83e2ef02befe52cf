/** What the grower has seen in their own hands, and what they do not want. */
import { mediumById } from '../../catalogue/media';
import { heaviestPart } from '../../physics/media';
import { isPorous } from '../../physics/pots';
import { practiceRule, type RuleInput } from './rule';

function mainFamily({ facts }: RuleInput) {
  return heaviestPart(facts.mainMix).medium.family;
}

function mainName({ facts }: RuleInput): string {
  const { medium } = heaviestPart(facts.mainMix);
  return mediumById(medium.id).name;
}

const isBare = ({ setup }: RuleInput['facts']): boolean => setup.kind === 'mount' && setup.mount.padThicknessCm === 0;
const isBareMount = ({ facts }: RuleInput): boolean => isBare(facts);

/** Names of the media in it that the grower does not have; none where they did not say what they have. */
function missing({ context, facts }: RuleInput): readonly string[] {
  const { mediaAtHand } = context.resolved;
  if (mediaAtHand === null || isBare(facts)) return [];
  const parts = facts.spec.layers.flatMap((layer) => layer.mix);
  const others = parts.filter((part) => part.own === undefined && !mediaAtHand.includes(part.mediumId));
  return [...new Set(others.map((part) => mediumById(part.mediumId).name))];
}

export const growerRules = [
  practiceRule({
    id: 'did-well-in-your-hands',
    topic: 'grower',
    effect: 'prefer',
    points: 7,
    applies: (input) => !isBareMount(input) && input.context.resolved.wentWell.includes(mainFamily(input)),
    figures: (input) => ({ mediumName: mainName(input) }),
  }),
  practiceRule({
    id: 'did-badly-in-your-hands',
    topic: 'grower',
    effect: 'penalise',
    points: 14,
    applies: (input) => !isBareMount(input) && input.context.resolved.wentBadly.includes(mainFamily(input)),
    figures: (input) => ({ mediumName: mainName(input) }),
  }),
  practiceRule({
    id: 'all-at-hand',
    topic: 'grower',
    effect: 'prefer',
    points: 4,
    applies: (input) => input.context.resolved.mediaAtHand !== null && missing(input).length === 0,
  }),
  practiceRule({
    id: 'to-be-bought',
    topic: 'grower',
    effect: 'penalise',
    points: 5,
    applies: (input) => missing(input).length > 0,
    figures: (input) => ({ names: missing(input) }),
  }),
  practiceRule({
    id: 'you-want-no-mounts',
    topic: 'grower',
    effect: 'rule out',
    applies: ({ context, facts }) => context.resolved.dislikes.includes('mounts') && facts.spec.approach === 'mount',
  }),
  practiceRule({
    id: 'you-want-no-standing-water',
    topic: 'grower',
    effect: 'rule out',
    applies: ({ context, facts }) => context.resolved.dislikes.includes('standing water') && facts.hasReservoir,
  }),
  practiceRule({
    id: 'you-want-no-baskets',
    topic: 'grower',
    effect: 'rule out',
    applies: ({ context, facts }) => context.resolved.dislikes.includes('baskets') && facts.spec.approach === 'basket',
  }),
  practiceRule({
    id: 'you-want-no-plastic',
    topic: 'grower',
    effect: 'rule out',
    applies: ({ context, facts }) => {
      if (!context.resolved.dislikes.includes('plastic')) return false;
      const { setup, spec } = facts;
      if (setup.kind === 'mount') return setup.mount.material === 'plastic slab';
      return spec.approach !== 'basket' && !isPorous(setup.pot.wall) && setup.pot.wall !== 'glazed clay';
    },
  }),
] as const;
