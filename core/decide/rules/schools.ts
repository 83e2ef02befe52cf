/** What each school of growers holds; a rule speaks only where the grower takes its side. */
import { hasOpenings } from '../../physics/pots';
import { chooseSize, neededWidthCm, ORGANIC_YEARS } from '../setups';
import { k } from './constants';
import { practiceRule, type RuleInput } from './rule';

const hasOpenWall = ({ facts }: RuleInput): boolean => facts.setup.kind === 'pot' && hasOpenings(facts.setup.pot);

function oversizeCm({ context, facts }: RuleInput): number {
  if (facts.setup.kind !== 'pot') return 0;
  return facts.setup.pot.rimDiameterCm - neededWidthCm(context, ORGANIC_YEARS);
}

/** The common size next above the need is no fault of the grower's. */
function isAboveSmallest({ context, facts }: RuleInput): boolean {
  const { vessel } = facts.spec;
  if (vessel.kind !== 'pot') return false;
  return vessel.rimDiameterCm > chooseSize(context, vessel.potKindId, ORGANIC_YEARS).rimDiameterCm;
}

export const schoolRules = [
  practiceRule({
    id: 'school-no-mounts',
    topic: 'school',
    effect: 'rule out',
    schools: { mounts: ['refused'] },
    applies: ({ facts }) => facts.spec.approach === 'mount',
  }),
  practiceRule({
    id: 'school-mounts-gladly',
    topic: 'school',
    effect: 'prefer',
    points: 4,
    schools: { mounts: ['welcome'] },
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && context.plant.genus.onMount !== 'never',
  }),
  practiceRule({
    id: 'school-organic-only',
    topic: 'school',
    effect: 'rule out',
    schools: { medium: ['organic'] },
    applies: ({ facts }) => !facts.isOrganic && facts.spec.approach !== 'mount',
  }),
  practiceRule({
    id: 'school-inorganic-only',
    topic: 'school',
    effect: 'rule out',
    schools: { medium: ['inorganic'] },
    applies: ({ facts }) => facts.isOrganic && facts.spec.approach !== 'mount',
  }),
  practiceRule({
    id: 'holes-wanted',
    topic: 'school',
    effect: 'penalise',
    points: 5,
    schools: { holes: ['always'] },
    applies: (input) =>
      input.facts.setup.kind === 'pot' && input.facts.setup.pot.reservoir.kind === 'none' && !hasOpenWall(input),
  }),
  practiceRule({
    id: 'holes-unwanted',
    topic: 'school',
    effect: 'penalise',
    points: 5,
    schools: { holes: ['never'] },
    applies: (input) => input.facts.spec.approach !== 'basket' && hasOpenWall(input),
  }),
  practiceRule({
    id: 'oversized-organic',
    topic: 'school',
    effect: 'penalise',
    points: 8,
    schools: { steps: ['by-medium', 'small-steps'] },
    applies: (input) => input.facts.isOrganic && oversizeCm(input) > k.OVERSIZE_CM && isAboveSmallest(input),
    figures: (input) => ({ oversizeCm: oversizeCm(input), years: ORGANIC_YEARS }),
  }),
  practiceRule({
    id: 'generous-inorganic',
    topic: 'school',
    effect: 'prefer',
    points: 1,
    schools: { steps: ['one-big'] },
    applies: (input) => input.facts.setup.kind === 'pot' && !input.facts.isOrganic && oversizeCm(input) > k.OVERSIZE_CM,
  }),
  practiceRule({
    id: 'small-steps-often',
    topic: 'school',
    effect: 'require step',
    schools: { steps: ['small-steps'] },
    applies: ({ facts }) => facts.setup.kind === 'pot',
  }),
  practiceRule({
    id: 'peroxide-at-every-repotting',
    topic: 'school',
    effect: 'require step',
    schools: { peroxide: ['always'] },
    applies: () => true,
  }),
] as const;
