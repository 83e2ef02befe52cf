/** Times when a plant wants less, or nobody is there to give it. */
import type { Rest } from '../../catalogue/genera';
import type { YearReport } from '../../physics/year';
import { isAsleep } from '../../case';
import type { CaseContext } from '../setups';
import { k } from './constants';
import { awayDays, carriedDays } from './readings';
import { practiceRule, type RuleInput } from './rule';

/** Days a year on which the roots lack air, harmed or close to it. */
function soddenDays({ watchBy, harmBy }: YearReport): number {
  return watchBy.air + harmBy.air;
}

const wantsDryRest = (rest: Rest): boolean => rest === 'leafless and dry' || rest === 'dry winter';

/** Days of rain in the wettest of its months of rest. */
const rainInRest = ({ rest, place }: CaseContext): number =>
  Math.max(0, ...(rest?.months ?? []).map((month) => place.months[month]!.rainDays));

/** How far it carries the absence: none of it up to half way, wholly to its end. */
function carriedShare(input: RuleInput): number {
  const share = carriedDays(input) / awayDays(input);
  return Math.min(1, Math.max(0, (share - k.CARRIES_FROM_SHARE) / (1 - k.CARRIES_FROM_SHARE)));
}

export const restRules = [
  practiceRule({
    id: 'leafless-over-water',
    topic: 'rest and absence',
    effect: 'rule out',
    applies: ({ context, facts }) => facts.hasReservoir && isAsleep(context.plant),
  }),
  practiceRule({
    id: 'dry-rest-over-water',
    topic: 'rest and absence',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      facts.hasReservoir &&
      (context.plant.genus.rest === 'dry winter' || context.plant.genus.rest === 'leafless and dry'),
  }),
  practiceRule({
    id: 'keep-dry-until-rooted',
    topic: 'rest and absence',
    effect: 'require step',
    applies: ({ context }) => isAsleep(context.plant) && context.plant.genus.rest !== 'leafless and moist',
  }),
  practiceRule({
    id: 'just-moist-until-it-grows',
    topic: 'rest and absence',
    effect: 'require step',
    applies: ({ context }) => isAsleep(context.plant) && context.plant.genus.rest === 'leafless and moist',
  }),
  practiceRule({
    id: 'roof-over-its-rest',
    topic: 'rest and absence',
    effect: 'require step',
    applies: ({ context }) => wantsDryRest(context.plant.genus.rest) && rainInRest(context) >= k.RAIN_IN_REST_DAYS,
    figures: ({ context }) => ({ rainDays: rainInRest(context), restMonths: [...(context.rest?.months ?? [])] }),
  }),
  practiceRule({
    id: 'rain-waters-it',
    topic: 'rest and absence',
    effect: 'penalise',
    points: 5,
    applies: ({ context, judgement, facts }) =>
      context.climate.hasRain &&
      judgement !== null &&
      soddenDays(judgement.year) > k.RAINED_ON_DAYS &&
      facts.setup.kind === 'pot',
    figures: (input) => ({ soddenDays: input.judgement ? soddenDays(input.judgement.year) : 0 }),
  }),
  practiceRule({
    id: 'absence-reservoir',
    topic: 'rest and absence',
    effect: 'prefer',
    points: 9,
    applies: (input) =>
      input.facts.hasReservoir &&
      awayDays(input) >= k.LONG_ABSENCE_DAYS &&
      carriedShare(input) > 0 &&
      input.context.plant.genus.overReservoir !== 'never',
    share: carriedShare,
    figures: (input) => ({ awayDays: awayDays(input), carriedDays: carriedDays(input) }),
  }),
  practiceRule({
    id: 'absence-asks-someone',
    topic: 'rest and absence',
    effect: 'caution',
    applies: (input) => input.facts.spec.approach !== 'mount' && carriedDays(input) < awayDays(input),
    figures: (input) => ({
      awayDays: awayDays(input),
      carriedDays: carriedDays(input),
      hasReservoir: input.facts.hasReservoir,
    }),
  }),
  practiceRule({
    id: 'absence-mount',
    topic: 'rest and absence',
    effect: 'penalise',
    points: 8,
    applies: (input) => input.facts.spec.approach === 'mount' && awayDays(input) >= k.MOUNT_ABSENCE_DAYS,
    figures: (input) => ({ awayDays: awayDays(input) }),
  }),
  practiceRule({
    id: 'mixed-for-the-week',
    topic: 'rest and absence',
    effect: 'prefer',
    points: 2,
    applies: ({ context, judgement }) =>
      context.gapDays !== null &&
      context.gapDays >= k.MIXED_FOR_DAYS &&
      judgement !== null &&
      judgement.year.fineDays > k.FITS_FROM_DAYS,
    figures: (input) => ({ fineDays: input.judgement?.year.fineDays ?? 0, gapDays: input.context.gapDays ?? 0 }),
  }),
] as const;
