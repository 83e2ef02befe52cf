/** Moving from one medium to another: roots know only the medium they grew into. */
import { mediumById } from '../../catalogue/media';
import type { MediumFigures } from '../../physics/media';
import { cm, percent } from '../../words';
import { familyShare, practiceRule, type Rule, type RuleInput } from './rule';

function currentMedium({ context }: RuleInput): MediumFigures | null {
  const id = context.resolved.current.mediumId;
  return id === null ? null : mediumById(id);
}

/** Wet and close: less air than this in a pot's depth (packed moss, husk fibre, soil, live moss). */
const CLOSE_AIR = 0.33;
/** Airy and drying fast: more air than this after watering. */
const AIRY = 0.42;

export function isWetAndClose(medium: MediumFigures): boolean {
  return medium.organic && medium.airAt10cm < CLOSE_AIR && medium.capacityAt10cm > 0.4;
}

const comesFromWet = (input: RuleInput): boolean => {
  const current = currentMedium(input);
  return current !== null && isWetAndClose(current);
};

const mossShare = (input: RuleInput): number => familyShare(input, 'sphagnum') + familyShare(input, 'live moss');

/** Tall for its pot and with little root: it must be anchored first. */
function isTopHeavy({ context, facts }: RuleInput): boolean {
  return (
    facts.setup.kind === 'pot' &&
    context.plant.heightCm > 2.5 * facts.setup.pot.heightCm &&
    context.plant.rootBallDiameterCm < 0.75 * facts.setup.pot.rimDiameterCm
  );
}

export const changingOverRules: readonly Rule[] = [
  practiceRule({
    id: 'wet-to-airy-in-stages',
    topic: 'changing over',
    effect: 'penalise',
    points: 10,
    applies: (input) =>
      comesFromWet(input) &&
      input.facts.setup.kind === 'pot' &&
      !input.facts.hasReservoir &&
      input.facts.airAfterWatering > AIRY &&
      mossShare(input) < 0.25,
    say: (input) =>
      `Its roots grew in ${currentMedium(input)?.name.toLowerCase() ?? ''}; straight into ${percent(input.facts.airAfterWatering)} air they dry up before new ones take over.`,
    wouldChange: () => 'Small bark with a quarter moss or more now, and this at the next repotting, is the way.',
  }),
  practiceRule({
    id: 'staged-mix',
    topic: 'changing over',
    effect: 'prefer',
    points: 5,
    applies: (input) =>
      comesFromWet(input) &&
      familyShare(input, 'conifer bark') > 0.4 &&
      mossShare(input) >= 0.25 &&
      input.facts.pieceMm < 10,
    say: () => 'Small bark with much moss is the half-way house out of a wet medium.',
  }),
  practiceRule({
    id: 'never-tear-clinging-roots',
    topic: 'changing over',
    effect: 'require step',
    applies: (input) => currentMedium(input)?.organic === true && !input.facts.isOrganic,
    say: () => 'Leave bits that cling to the roots rather than tear them: a little of both media does no harm.',
  }),
  practiceRule({
    id: 'ball-moves-whole',
    topic: 'changing over',
    effect: 'prefer',
    points: 4,
    applies: (input) => {
      const current = currentMedium(input);
      return (
        current !== null &&
        !current.organic &&
        input.facts.mainMix.some((part) => part.medium.family === current.family)
      );
    },
    say: (input) =>
      `It already stands in ${currentMedium(input)?.family ?? ''}: the ball goes across untouched, even in bloom.`,
  }),
  practiceRule({
    id: 'change-wants-new-tips',
    topic: 'changing over',
    effect: 'penalise',
    points: 3,
    applies: (input) => {
      const current = currentMedium(input);
      return (
        current !== null &&
        !input.context.plant.hasNewTips &&
        input.context.plant.state !== 'new shoot starting' &&
        input.context.plant.genus.rootHardiness === 'fussy' &&
        !input.facts.mainMix.some((part) => part.medium.family === current.family)
      );
    },
    say: () => 'A new medium is only used by new roots, and none are starting on a plant that hates disturbance.',
    wouldChange: () => 'Waiting for root tips, or staying in the same medium, lifts this.',
  }),
  practiceRule({
    id: 'new-tips-take-over',
    topic: 'changing over',
    effect: 'prefer',
    points: 2,
    applies: (input) =>
      input.facts.hasReservoir &&
      input.context.plant.hasNewTips &&
      currentMedium(input)?.organic === true &&
      input.context.plant.genus.overReservoir === 'well',
    say: () => 'New root tips are showing: they grow straight into the wet medium and take over.',
  }),
  practiceRule({
    id: 'anchor-first',
    topic: 'changing over',
    effect: 'require step',
    applies: isTopHeavy,
    say: ({ context, facts }, units) =>
      `${cm(context.plant.heightCm, units)} of plant on ${cm(context.plant.rootBallDiameterCm, units)} of roots: stake it, or anchor it for a year in a pot little wider than the roots (${cm(Math.max(7, context.plant.rootBallDiameterCm + 2), units)}) before this ${cm(facts.setup.kind === 'pot' ? facts.setup.pot.rimDiameterCm : 0, units)} one.`,
  }),
  practiceRule({
    id: 'staged-pot-lets-go',
    topic: 'changing over',
    effect: 'penalise',
    points: 4,
    applies: (input) => isTopHeavy(input) && input.facts.mainMix.some((part) => part.medium.rootGrip >= 0.7),
    say: () => 'It will be moved on once it has anchored, and this medium does not let go of roots.',
    wouldChange: () => 'A medium of smooth pieces lets go.',
  }),
];
