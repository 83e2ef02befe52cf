/** What the plant itself shows when it is out of its pot. */
import { isFailing } from '../../case';
import { hasBulbs } from '../../catalogue/genera';
import { daysOf } from '../../physics/drydown';
import { cm, days, percent } from '../../words';
import { liveBallCm } from '../setups';
import { practiceRule, type Rule, type RuleInput } from './rule';

/** A failing plant in more room than this about its live roots sits in wet, cm. */
const ROOM_FOR_FAILING_CM = 5;

function fastestDays({ judgement }: RuleInput): number {
  return Math.min(...(judgement?.byMonth ?? []).map(daysOf));
}

export const plantRules: readonly Rule[] = [
  practiceRule({
    id: 'recover-first',
    topic: 'plant',
    effect: 'prefer',
    points: 20,
    applies: ({ context, facts }) => facts.spec.approach === 'recovery in moss' && isFailing(context.plant),
    say: ({ context }) =>
      `Only ${percent(context.plant.liveRootShare)} of its roots are alive: loose moss in a small pot, kept damp and close, until root tips show.`,
    wouldChange: () => 'New root tips would let it go straight into its medium.',
  }),
  practiceRule({
    id: 'recovery-is-for-failing-plants',
    topic: 'plant',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'recovery in moss' && !isFailing(context.plant),
    say: ({ context }) =>
      `Recovery in moss is for plants without roots; ${percent(context.plant.liveRootShare)} of these are alive${context.plant.hasNewTips ? ' and new tips are showing' : ''}.`,
  }),
  practiceRule({
    id: 'failing-in-big-pot',
    topic: 'plant',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) =>
      isFailing(context.plant) &&
      facts.setup.kind === 'pot' &&
      facts.setup.pot.rimDiameterCm > liveBallCm(context.plant) + ROOM_FOR_FAILING_CM,
    say: ({ context, facts }, units) =>
      `${cm(facts.setup.kind === 'pot' ? facts.setup.pot.rimDiameterCm : 0, units)} of pot round ${cm(liveBallCm(context.plant), units)} of live roots stays wet with nothing to drink it.`,
    wouldChange: () => 'The smallest pot that takes the live roots would lift this.',
  }),
  practiceRule({
    id: 'wrinkled-bulbs-cannot-wait',
    topic: 'plant',
    effect: 'penalise',
    points: 5,
    applies: (input) =>
      input.context.plant.bulbs === 'wrinkled' && input.judgement !== null && fastestDays(input) < 1.5,
    say: (input) =>
      `Its bulbs are wrinkled, and this asks for water after ${days(fastestDays(input))} in the hardest month.`,
    wouldChange: () => 'More moss, a finer grade or plump bulbs would lift this.',
  }),
  practiceRule({
    id: 'chain-bulbs-may-stay-wrinkled',
    topic: 'plant',
    effect: 'caution',
    applies: ({ context }) => context.plant.bulbs === 'wrinkled' && context.plant.genus.id.startsWith('maxillaria'),
    say: () => 'Wrinkled bulbs of this kind may never fill again; judge by the new ones.',
  }),
  practiceRule({
    id: 'cut-out-rot',
    topic: 'plant',
    effect: 'require step',
    schools: { peroxide: ['where-rot', 'always'] },
    applies: ({ context }) => context.plant.bulbs === 'soft or oozing' || isFailing(context.plant),
    say: () =>
      'Cut out what is soft, with a sterile blade, back to firm tissue; spray the cuts with 3 % hydrogen peroxide and let it fizz out.',
  }),
  practiceRule({
    id: 'cut-out-rot-and-dry',
    topic: 'plant',
    effect: 'require step',
    schools: { peroxide: ['never'] },
    applies: ({ context }) => context.plant.bulbs === 'soft or oozing' || isFailing(context.plant),
    say: () => 'Cut out what is soft, with a sterile blade, back to firm tissue, and let the cuts dry in the air.',
  }),
  practiceRule({
    id: 'oozing-bulb-over-wet',
    topic: 'plant',
    effect: 'penalise',
    points: 8,
    applies: ({ context, facts }) =>
      context.plant.bulbs === 'soft or oozing' && (facts.hasReservoir || facts.airAfterWatering < 0.3),
    say: ({ facts }) =>
      `Rot in a bulb spreads where it is wet, and here ${facts.hasReservoir ? 'water stands below' : `only ${percent(facts.airAfterWatering)} is air`}.`,
    wouldChange: () => 'Once the rot is out and dry this is lifted.',
  }),
  practiceRule({
    id: 'thick-roots-are-not-shortened',
    topic: 'plant',
    effect: 'caution',
    applies: ({ context }) => !context.plant.genus.rootsBranch && context.plant.rootDiameterMm >= 3,
    say: () => 'Never shorten a sound thick root: it does not branch. Bend it in, wet, or leave it out.',
  }),
  practiceRule({
    id: 'branching-roots-may-be-shortened',
    topic: 'plant',
    effect: 'require step',
    applies: ({ context }) => context.plant.genus.rootsBranch && context.plant.genus.rootHardiness === 'robust',
    say: () => 'Its roots branch: long ones may be shortened by a third and will branch again.',
  }),
  practiceRule({
    id: 'brown-may-be-alive',
    topic: 'plant',
    effect: 'caution',
    applies: ({ context }) =>
      context.plant.genus.depth === 'all roots covered' ||
      (context.resolved.current.mediumId?.startsWith('coco') ?? false),
    say: () => 'Colour misleads: feel every root. Firm is alive, even brown; hollow or mushy is dead.',
  }),
  practiceRule({
    id: 'take-off-spent-bulbs',
    topic: 'plant',
    effect: 'require step',
    applies: ({ context }) =>
      hasBulbs(context.plant.habit) && context.plant.shootCount >= 4 && context.plant.genus.rest === 'leafless and dry',
    say: () => 'Take off the oldest spent bulb if it comes easily, and any dry sheath over a new shoot.',
  }),
  practiceRule({
    id: 'strip-dry-sheaths',
    topic: 'plant',
    effect: 'require step',
    applies: ({ context }) =>
      hasBulbs(context.plant.habit) &&
      (context.plant.state === 'new shoot starting' || context.plant.hasNewTips) &&
      context.plant.genus.rest !== 'leafless and dry',
    say: () => 'Strip dry sheaths off the new shoots: their roots then go straight down, and pests find no cover.',
  }),
];
