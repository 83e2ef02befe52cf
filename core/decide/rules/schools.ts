/** What each school of growers holds; a rule speaks only where the grower takes its side. */
import { cm, number } from '../../words';
import { chooseSize, neededWidthCm, ORGANIC_YEARS } from '../setups';
import { practiceRule, type Rule, type RuleInput } from './rule';

const hasOpenWall = ({ facts }: RuleInput): boolean => facts.setup.kind === 'pot' && facts.setup.pot.openShare >= 0.005;

/** Wider than the plant will fill by more than this, an organic mix stays wet where no root drinks, cm. */
const OVERSIZE_CM = 3;

function oversizeCm({ context, facts }: RuleInput): number {
  if (facts.setup.kind !== 'pot') return 0;
  return facts.setup.pot.rimDiameterCm - neededWidthCm(context.plant, ORGANIC_YEARS);
}

/** The common size next above the need is no fault of the grower's. */
function isAboveSmallest({ context, facts }: RuleInput): boolean {
  const { vessel } = facts.spec;
  if (vessel.kind !== 'pot') return false;
  return vessel.rimDiameterCm > chooseSize(context.plant, vessel.potKindId, ORGANIC_YEARS).rimDiameterCm;
}

export const schoolRules: readonly Rule[] = [
  practiceRule({
    id: 'school-no-mounts',
    topic: 'school',
    effect: 'rule out',
    schools: { mounts: ['refused'] },
    applies: ({ facts }) => facts.spec.approach === 'mount',
    say: () => 'You keep no mounts: the daily work is not wanted.',
    wouldChange: () => 'Taking mounts back in would bring it back.',
  }),
  practiceRule({
    id: 'school-mounts-gladly',
    topic: 'school',
    effect: 'prefer',
    points: 4,
    schools: { mounts: ['welcome'] },
    applies: ({ context, facts }) => facts.spec.approach === 'mount' && context.plant.genus.onMount !== 'never',
    say: () => 'You like mounts, and their roots can be seen and never stand in wet.',
  }),
  practiceRule({
    id: 'school-organic-only',
    topic: 'school',
    effect: 'rule out',
    schools: { medium: ['organic'] },
    applies: ({ facts }) => !facts.isOrganic && facts.spec.approach !== 'mount',
    say: () => 'You pot in organic media only.',
    wouldChange: () => 'Leaving the question open would let inorganic media compete.',
  }),
  practiceRule({
    id: 'school-inorganic-only',
    topic: 'school',
    effect: 'rule out',
    schools: { medium: ['inorganic'] },
    applies: ({ facts }) => facts.isOrganic && facts.spec.approach !== 'mount',
    say: () => 'You pot in inorganic media only.',
    wouldChange: () => 'Leaving the question open would let organic media compete.',
  }),
  practiceRule({
    id: 'holes-wanted',
    topic: 'school',
    effect: 'penalise',
    points: 5,
    schools: { holes: ['always'] },
    applies: (input) =>
      input.facts.setup.kind === 'pot' && input.facts.setup.pot.reservoir.kind === 'none' && !hasOpenWall(input),
    say: () => 'You want openings in the wall, and this one is closed.',
    wouldChange: () => 'A slotted or netted pot would lift this.',
  }),
  practiceRule({
    id: 'holes-unwanted',
    topic: 'school',
    effect: 'penalise',
    points: 5,
    schools: { holes: ['never'] },
    applies: (input) => input.facts.spec.approach !== 'basket' && hasOpenWall(input),
    say: () => 'You want no openings in the wall: roots grow into them and break.',
    wouldChange: () => 'A closed pot would lift this.',
  }),
  practiceRule({
    id: 'oversized-organic',
    topic: 'school',
    effect: 'penalise',
    points: 8,
    schools: { steps: ['by-medium', 'small-steps'] },
    applies: (input) => input.facts.isOrganic && oversizeCm(input) > OVERSIZE_CM && isAboveSmallest(input),
    say: (input, units) =>
      `It is ${cm(oversizeCm(input), units)} wider than ${number(ORGANIC_YEARS, 0)} years of growth will fill: organic mix without roots in it stays wet and sours.`,
    wouldChange: () => 'The next smaller size would lift this; so would an inorganic medium.',
  }),
  practiceRule({
    id: 'generous-inorganic',
    topic: 'school',
    effect: 'prefer',
    points: 1,
    schools: { steps: ['by-medium', 'one-big'] },
    applies: (input) => input.facts.setup.kind === 'pot' && !input.facts.isOrganic && oversizeCm(input) > OVERSIZE_CM,
    say: () => 'Inorganic does not rot, so room to spare does no harm and saves a repotting.',
  }),
  practiceRule({
    id: 'small-steps-often',
    topic: 'school',
    effect: 'require step',
    schools: { steps: ['small-steps'] },
    applies: ({ facts }) => facts.setup.kind === 'pot',
    say: () => 'Small steps: look again in a year and move it up one size, ball and all, before it fills the pot.',
  }),
  practiceRule({
    id: 'peroxide-at-every-repotting',
    topic: 'school',
    effect: 'require step',
    schools: { peroxide: ['always'] },
    applies: () => true,
    say: () =>
      'Spray roots and crevices with 3 % hydrogen peroxide, unthinned, and let it fizz out. Thin stronger bottles to 3 % first.',
  }),
];
