/** Moving from one medium to another: roots know only the medium they grew into. */
import { isSideBySide, showsShoot, showsTips, type Signs } from '../../case';
import type { MediumFigures } from '../../physics/media';
import { type CandidateFacts, chooseSize } from '../setups';
import { k } from './constants';
import { currentMedium, familyShare, potIn } from './readings';
import { practiceRule, type RuleInput } from './rule';

/** Wet and close: packed moss, husk fibre, soil, live moss. */
export function isWetAndClose(medium: MediumFigures): boolean {
  return medium.organic && medium.airAt10cm < k.CLOSE_AIR && medium.capacityAt10cm > k.CLOSE_WATER;
}

/** Media that do not let go of roots. */
export function isGripping(medium: Pick<MediumFigures, 'rootGrip'>): boolean {
  return medium.rootGrip >= k.GRIPPING;
}

/** New roots are there or near that can take over from those that knew the old medium. */
export function takesOver(signs: Signs): boolean {
  return showsTips(signs) || showsShoot(signs);
}

/** Airy and drying fast. */
export function isAiry(facts: Pick<CandidateFacts, 'airAfterWatering'>): boolean {
  return facts.airAfterWatering > k.AIRY;
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
    context.plant.heightCm > k.TOP_HEAVY_HEIGHT * facts.setup.pot.heightCm &&
    context.plant.rootBallDiameterCm < k.TOP_HEAVY_BALL * facts.setup.pot.rimDiameterCm
  );
}

/** Rim of the pot, of this kind, that has room for the long run. */
function longStayPotCm({ context, facts }: RuleInput): number {
  const { vessel } = facts.spec;
  return vessel.kind === 'pot' ? chooseSize(context, vessel.potKindId, k.LONG_STAY_YEARS).rimDiameterCm : 0;
}

export const changingOverRules = [
  practiceRule({
    id: 'wet-to-airy-in-stages',
    topic: 'changing over',
    effect: 'penalise',
    points: 10,
    applies: (input) =>
      comesFromWet(input) &&
      input.facts.setup.kind === 'pot' &&
      !input.facts.hasReservoir &&
      isAiry(input.facts) &&
      mossShare(input) < k.HALF_WAY_MOSS_SHARE,
    figures: (input) => ({ fromName: currentMedium(input)?.name ?? '', airShare: input.facts.airAfterWatering }),
  }),
  practiceRule({
    id: 'staged-mix',
    topic: 'changing over',
    effect: 'prefer',
    points: 5,
    applies: (input) =>
      comesFromWet(input) &&
      familyShare(input, 'conifer bark') > k.HALF_WAY_BARK_SHARE &&
      mossShare(input) >= k.HALF_WAY_MOSS_SHARE &&
      input.facts.pieceMm < k.SMALL_BARK_MM,
  }),
  practiceRule({
    id: 'roots-may-choose',
    topic: 'changing over',
    effect: 'prefer',
    points: 5,
    applies: (input) => isSideBySide(input.facts.spec),
    figures: (input) => ({ fromName: currentMedium(input)?.name ?? '' }),
  }),
  practiceRule({
    id: 'two-paces-of-drying',
    topic: 'changing over',
    effect: 'penalise',
    points: 13,
    applies: (input) => isSideBySide(input.facts.spec),
  }),
  practiceRule({
    id: 'never-tear-clinging-roots',
    topic: 'changing over',
    effect: 'require step',
    applies: (input) => currentMedium(input)?.organic === true && !input.facts.isOrganic,
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
    figures: (input) => ({ fromFamily: currentMedium(input)?.family ?? '' }),
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
        !takesOver(input.context.plant.signs) &&
        input.context.plant.genus.rootHardiness === 'fussy' &&
        !input.facts.mainMix.some((part) => part.medium.family === current.family)
      );
    },
  }),
  practiceRule({
    id: 'new-tips-take-over',
    topic: 'changing over',
    effect: 'prefer',
    points: 2,
    applies: (input) =>
      input.facts.hasReservoir &&
      showsTips(input.context.plant.signs) &&
      currentMedium(input)?.organic === true &&
      input.context.plant.genus.overReservoir === 'well',
  }),
  practiceRule({
    id: 'anchor-first',
    topic: 'changing over',
    effect: 'require step',
    applies: isTopHeavy,
    figures: (input) => ({
      rimDiameterCm: potIn(input).rimDiameterCm,
      anchorPotCm: Math.max(k.SMALLEST_ANCHOR_POT_CM, input.context.plant.rootBallDiameterCm + k.ANCHOR_ROOM_CM),
      rootBallDiameterCm: input.context.plant.rootBallDiameterCm,
      plantHeightCm: input.context.plant.heightCm,
      // Once it holds it goes straight into the pot for the long run: what it grows in those years says how wide.
      longStayPotCm: longStayPotCm(input),
    }),
  }),
  practiceRule({
    id: 'staged-pot-lets-go',
    topic: 'changing over',
    effect: 'penalise',
    points: 4,
    applies: (input) => isTopHeavy(input) && input.facts.mainMix.some((part) => isGripping(part.medium)),
  }),
] as const;
