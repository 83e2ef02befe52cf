/** What the plant itself shows when it is out of its pot. */
import { isAsleep, isFailing, isRotting, isToBeRooted, showsShoot, showsTips } from '../../case';
import { hasPseudobulbs } from '../../catalogue/genera';
import { liveBallCm } from '../setups';
import { k } from './constants';
import { currentMedium, fastestDays, potIn } from './readings';
import { practiceRule, type RuleInput } from './rule';

/** Rot was seen or smelt, oozes from a bulb, or has taken the roots. */
function hasRotToCut({ context: { plant } }: RuleInput): boolean {
  const hasLostRoots = isFailing(plant) && !isToBeRooted(plant.stage);
  return isRotting(plant) || hasLostRoots;
}

export const plantRules = [
  practiceRule({
    id: 'recover-first',
    topic: 'plant',
    effect: 'prefer',
    points: 20,
    applies: ({ context, facts }) => facts.spec.approach === 'recovery in moss' && isFailing(context.plant),
    figures: (input) => ({ liveRootShare: input.context.plant.liveRootShare }),
  }),
  practiceRule({
    id: 'recovery-is-for-failing-plants',
    topic: 'plant',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.spec.approach === 'recovery in moss' && !isFailing(context.plant),
    figures: (input) => ({
      liveRootShare: input.context.plant.liveRootShare,
      showsTips: showsTips(input.context.plant.signs),
    }),
  }),
  practiceRule({
    id: 'see-new-roots-come',
    topic: 'plant',
    effect: 'prefer',
    points: 4,
    applies: ({ facts }) =>
      facts.spec.approach === 'recovery in moss' &&
      facts.setup.kind === 'pot' &&
      facts.setup.pot.wall === 'clear plastic',
  }),
  practiceRule({
    id: 'failing-in-big-pot',
    topic: 'plant',
    effect: 'penalise',
    points: 10,
    applies: ({ context, facts }) =>
      isFailing(context.plant) &&
      facts.setup.kind === 'pot' &&
      facts.setup.pot.rimDiameterCm > liveBallCm(context.plant) + k.ROOM_FOR_FAILING_CM,
    figures: (input) => ({ rimDiameterCm: potIn(input).rimDiameterCm, liveBallCm: liveBallCm(input.context.plant) }),
  }),
  practiceRule({
    id: 'wrinkled-bulbs-cannot-wait',
    topic: 'plant',
    effect: 'penalise',
    points: 5,
    applies: (input) =>
      input.context.plant.bulbs === 'wrinkled' && input.judgement !== null && fastestDays(input) < k.WRINKLED_WAIT_DAYS,
    figures: (input) => ({ fastestDays: fastestDays(input) }),
  }),
  practiceRule({
    id: 'cut-out-rot',
    topic: 'plant',
    effect: 'require step',
    schools: { peroxide: ['where-rot', 'always'] },
    applies: hasRotToCut,
  }),
  practiceRule({
    id: 'cut-out-rot-and-dry',
    topic: 'plant',
    effect: 'require step',
    schools: { peroxide: ['never'] },
    applies: hasRotToCut,
  }),
  practiceRule({
    id: 'oozing-bulb-over-wet',
    topic: 'plant',
    effect: 'penalise',
    points: 8,
    applies: ({ context, facts }) =>
      context.plant.bulbs === 'soft or oozing' &&
      (facts.hasReservoir || facts.airAfterWatering < k.ROT_SPREADS_BELOW_AIR),
    figures: (input) => ({ airShare: input.facts.airAfterWatering, hasReservoir: input.facts.hasReservoir }),
  }),
  practiceRule({
    id: 'thick-roots-are-not-shortened',
    topic: 'plant',
    effect: 'caution',
    applies: ({ context }) => !context.plant.genus.rootsBranch && context.plant.rootDiameterMm >= k.THICK_ROOT_MM,
  }),
  practiceRule({
    id: 'branching-roots-may-be-shortened',
    topic: 'plant',
    effect: 'require step',
    applies: ({ context }) =>
      context.plant.genus.rootsBranch &&
      context.plant.genus.rootHardiness !== 'fussy' &&
      !isAsleep(context.plant) &&
      !isFailing(context.plant),
  }),
  practiceRule({
    id: 'brown-may-be-alive',
    topic: 'plant',
    effect: 'caution',
    applies: (input) =>
      input.context.plant.genus.depth === 'all roots covered' || currentMedium(input)?.family === 'coconut',
  }),
  practiceRule({
    id: 'take-off-spent-bulbs',
    topic: 'plant',
    effect: 'require step',
    applies: ({ context }) =>
      hasPseudobulbs(context.plant.habit) &&
      context.plant.shootCount >= k.OLD_BULBS_FROM_SHOOTS &&
      context.plant.genus.rest === 'leafless and dry',
  }),
  practiceRule({
    id: 'strip-dry-sheaths',
    topic: 'plant',
    effect: 'require step',
    applies: ({ context }) =>
      hasPseudobulbs(context.plant.habit) &&
      (showsShoot(context.plant.signs) || showsTips(context.plant.signs)) &&
      context.plant.genus.rest !== 'leafless and dry',
  }),
] as const;
