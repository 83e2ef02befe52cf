/** Rules about roots: what they will live in, and what tears them. */
import { shiftFactor, switchRootMm, TOLERATED_FACTOR } from '../setups';
import { k } from './constants';
import { hasFamily, potIn } from './readings';
import { practiceRule } from './rule';

export const rootRules = [
  practiceRule({
    id: 'pieces-far-off-roots',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ facts }) => facts.misfit > TOLERATED_FACTOR,
    figures: ({ context, facts }) => {
      const band = facts.pieceBand;
      return {
        pieceMm: facts.pieceMm,
        rootDiameterMm: context.plant.rootDiameterMm,
        bandFromMm: band.fromMm,
        bandToMm: band.toMm,
        isTooCoarse: facts.pieceMm > band.toMm,
        suitedRootMm: switchRootMm(facts.pieceMm, facts.pieceMm, shiftFactor(facts.shifts)),
      };
    },
  }),
  practiceRule({
    id: 'refuses-cover',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      context.plant.genus.cover === 'refuses cover' &&
      facts.spec.approach !== 'mount' &&
      facts.spec.approach !== 'basket' &&
      facts.airAfterWatering < context.plant.genus.airNeed,
    figures: (input) => ({
      genusName: input.context.plant.genus.name,
      airShare: input.facts.airAfterWatering,
      airNeedShare: input.context.plant.genus.airNeed,
    }),
  }),
  practiceRule({
    id: 'moss-round-bare-roots',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      context.plant.genus.cover === 'refuses cover' && facts.spec.approach === 'moss pot',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'bare-roots-rather-than-pot',
    topic: 'roots',
    effect: 'penalise',
    points: 12,
    applies: ({ context, facts }) =>
      context.plant.genus.cover === 'refuses cover' &&
      facts.spec.approach !== 'mount' &&
      facts.spec.approach !== 'basket',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'needs-cover',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      context.plant.genus.cover === 'needs cover' &&
      (facts.spec.approach === 'mount' || facts.spec.approach === 'basket'),
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'rough-lava-soon-disturbed',
    topic: 'roots',
    effect: 'rule out',
    applies: (input) =>
      hasFamily(input, 'lava') &&
      input.context.resolved.yearsWanted !== null &&
      input.context.resolved.yearsWanted < k.LAVA_PEACE_YEARS,
    figures: (input) => ({ yearsWanted: input.context.resolved.yearsWanted ?? 0 }),
  }),
  practiceRule({
    id: 'lava-fussy-roots',
    topic: 'roots',
    effect: 'penalise',
    points: 6,
    applies: (input) => hasFamily(input, 'lava') && input.context.plant.genus.rootHardiness === 'fussy',
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'gentle-next-time',
    topic: 'roots',
    effect: 'prefer',
    points: 2,
    applies: (input) =>
      input.context.plant.genus.rootHardiness === 'fussy' && !input.facts.isOrganic && !hasFamily(input, 'lava'),
    figures: (input) => ({ genusName: input.context.plant.genus.name }),
  }),
  practiceRule({
    id: 'slots-catch-roots',
    topic: 'roots',
    effect: 'penalise',
    points: 3,
    applies: ({ context, facts }) =>
      facts.spec.vessel.kind === 'pot' &&
      (facts.spec.vessel.potKindId === 'plastic-slotted' || facts.spec.vessel.potKindId === 'net-pot') &&
      context.plant.genus.rootHardiness !== 'robust',
  }),
  practiceRule({
    id: 'shallow-roots-deep-pot',
    topic: 'roots',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      (context.plant.habit === 'rambling' || context.plant.habit === 'creeping stem') &&
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm > k.ORDINARY_POT * facts.setup.pot.rimDiameterCm,
    figures: (input) => ({ potHeightCm: potIn(input).heightCm, genusName: input.context.plant.genus.name }),
  }),
] as const;
