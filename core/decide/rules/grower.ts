/** What the grower has seen in their own hands, and what they do not want. */
import { isSideBySide, type Wanted } from '../../case';
import { mediumById } from '../../catalogue/media';
import { heaviestPart } from '../../physics/media';
import { hasOpenings, isPorous } from '../../physics/pots';
import { isSameSetup, notAtHand } from '../setups';
import { k } from './constants';
import { practiceRule, type RuleInput } from './rule';

function mainFamily({ facts }: RuleInput) {
  return heaviestPart(facts.mainMix).medium.family;
}

function mainName({ facts }: RuleInput): string {
  const { medium } = heaviestPart(facts.mainMix);
  return mediumById(medium.id).name;
}

const isBareMount = ({ facts: { setup } }: RuleInput): boolean =>
  setup.kind === 'mount' && setup.mount.padThicknessCm === 0;

function ownRecord(input: RuleInput): { readonly well: number; readonly badly: number } {
  const family = isBareMount(input) ? null : mainFamily(input);
  return input.context.resolved.handsRecord.find((one) => one.family === family) ?? { well: 0, badly: 0 };
}

/** −1 all failed to 1 all did well: twice the mean of a beta distribution from even odds, less one (the rule of succession). */
function recordShare(input: RuleInput): number {
  const { well, badly } = ownRecord(input);
  return (well - badly) / (well + badly + 2);
}

const recordFigures = (input: RuleInput) => ({ mediumName: mainName(input), ...ownRecord(input) });

/** Names of the media in it that the grower does not have; none where they did not say what they have. */
function missing({ context, facts }: RuleInput): readonly string[] {
  return notAtHand(context.resolved, facts.spec).map((id) => mediumById(id).name);
}

/** What is wanted puts aside whatever is otherwise. */
function wantRule<const Id extends string>(id: Id, wanted: Wanted, isObeyed: (input: RuleInput) => boolean) {
  return practiceRule({
    id,
    topic: 'grower',
    effect: 'rule out',
    applies: (input) => input.context.resolved.wants.includes(wanted) && !isObeyed(input),
  });
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
    id: 'did-well-by-your-record',
    topic: 'grower',
    effect: 'prefer',
    points: k.RECORD_POINTS,
    applies: (input) => recordShare(input) > 0,
    share: recordShare,
    figures: recordFigures,
  }),
  practiceRule({
    id: 'did-badly-by-your-record',
    topic: 'grower',
    effect: 'penalise',
    points: k.RECORD_POINTS,
    applies: (input) => recordShare(input) < 0,
    share: (input) => -recordShare(input),
    figures: recordFigures,
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
  wantRule('you-want-a-mount', 'a mount', ({ facts }) => facts.spec.approach === 'mount'),
  wantRule('you-want-a-reservoir', 'a reservoir', ({ facts }) => facts.hasReservoir),
  wantRule('you-want-it-organic', 'organic', ({ facts }) => facts.isOrganic && !isSideBySide(facts.spec)),
  wantRule('you-want-it-inorganic', 'inorganic', ({ facts }) => !facts.isOrganic && !isSideBySide(facts.spec)),
  wantRule('you-want-plastic', 'plastic', ({ facts: { setup } }) =>
    setup.kind === 'mount' ? setup.mount.material === 'plastic slab' : setup.pot.wall === 'plastic',
  ),
  wantRule(
    'you-want-no-side-holes',
    'no side holes',
    ({ facts: { setup } }) =>
      setup.kind === 'mount' || !(hasOpenings(setup.pot) || setup.pot.reservoir.kind === 'side holes'),
  ),
  practiceRule({
    id: 'you-want-it-as-it-is',
    topic: 'grower',
    effect: 'rule out',
    applies: ({ context: { resolved }, facts }) =>
      resolved.wants.includes('as it is, larger') &&
      resolved.current.mix !== null &&
      !isSameSetup(resolved.current, facts),
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
