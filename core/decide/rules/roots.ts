/** Rules about roots: what they will live in, and what tears them. */
import { cm, Kin, kin, mm, mmRange, number } from '../../words';
import { pieceBandMm, switchRootMm, TOLERATED_FACTOR } from '../setups';
import { hasFamily, practiceRule, type Rule } from './rule';

export const rootRules: readonly Rule[] = [
  practiceRule({
    id: 'pieces-far-off-roots',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ facts }) => facts.misfit > TOLERATED_FACTOR,
    say: ({ context, facts }, units) => {
      const band = pieceBandMm(context.plant.rootDiameterMm);
      const word = facts.pieceMm > band.toMm ? 'coarse' : 'fine';
      return `Its pieces of about ${mm(facts.pieceMm, units)} are too ${word} for roots of ${mm(context.plant.rootDiameterMm, units)}, which live in ${mmRange(band.fromMm, band.toMm, units)}.`;
    },
    wouldChange: ({ facts }, units) =>
      `Roots of about ${mm(switchRootMm(facts.pieceMm, facts.pieceMm), units)} would suit these pieces.`,
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
    say: ({ context, facts }) =>
      `${Kin(context.plant.genus)} refuses covered roots, and this holds only ${number(facts.airAfterWatering * 100, 0)} % air after watering.`,
    wouldChange: ({ context }) =>
      `A medium with at least ${number(context.plant.genus.airNeed * 100, 0)} % air, a basket or a mount would pass.`,
  }),
  practiceRule({
    id: 'moss-round-bare-roots',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      context.plant.genus.cover === 'refuses cover' && facts.spec.approach === 'moss pot',
    say: ({ context }) =>
      `${Kin(context.plant.genus)} grows its roots into the open; a pot full of moss smothers and rots them.`,
    wouldChange: () => 'A thin pad on a mount is the most they bear.',
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
    say: ({ context }) =>
      `${Kin(context.plant.genus)} grows its roots into the open; in a pot they turn away from the medium or rot.`,
    wouldChange: () => 'A basket or a mount leaves them free.',
  }),
  practiceRule({
    id: 'needs-cover',
    topic: 'roots',
    effect: 'rule out',
    applies: ({ context, facts }) =>
      context.plant.genus.cover === 'needs cover' &&
      (facts.spec.approach === 'mount' || facts.spec.approach === 'basket'),
    say: ({ context }) => `Every root of ${kin(context.plant.genus)} must be covered; here they would lie bare.`,
    wouldChange: () => 'Only a pot covers them.',
  }),
  practiceRule({
    id: 'rough-lava-soon-disturbed',
    topic: 'roots',
    effect: 'rule out',
    applies: (input) =>
      hasFamily(input, 'lava') && input.context.resolved.yearsWanted !== null && input.context.resolved.yearsWanted < 3,
    say: ({ context }) =>
      `Roots grip rough lava and tear when moved, and you want to move this plant again in ${number(context.resolved.yearsWanted ?? 0, 0)} years.`,
    wouldChange: () => 'Three years or more of peace would allow lava.',
  }),
  practiceRule({
    id: 'lava-fussy-roots',
    topic: 'roots',
    effect: 'penalise',
    points: 6,
    applies: (input) => hasFamily(input, 'lava') && input.context.plant.genus.rootHardiness === 'fussy',
    say: ({ context }) =>
      `${Kin(context.plant.genus)} takes root damage badly, and rough lava does not let go of roots.`,
  }),
  practiceRule({
    id: 'gentle-next-time',
    topic: 'roots',
    effect: 'prefer',
    points: 4,
    applies: (input) =>
      input.context.plant.genus.rootHardiness === 'fussy' && !input.facts.isOrganic && !hasFamily(input, 'lava'),
    say: ({ context }) =>
      `${Kin(context.plant.genus)} hates disturbance, and this medium lasts: next time the root ball moves on whole.`,
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
    say: () => 'Roots grow through slots and nets and break at the next unpotting.',
  }),
  practiceRule({
    id: 'shallow-roots-deep-pot',
    topic: 'roots',
    effect: 'penalise',
    points: 5,
    applies: ({ context, facts }) =>
      (context.plant.habit === 'rambling' || context.plant.habit === 'creeping stem') &&
      facts.setup.kind === 'pot' &&
      facts.setup.pot.heightCm > 0.7 * facts.setup.pot.rimDiameterCm,
    say: ({ facts, context }, units) =>
      `${Kin(context.plant.genus)} roots shallowly; a depth of ${cm(facts.setup.kind === 'pot' ? facts.setup.pot.heightCm : 0, units)} stays wet unused.`,
    wouldChange: () => 'A wide low pan or a basket would not lose these points.',
  }),
];
