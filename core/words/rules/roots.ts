/** The sentences of the rules in decide/rules/roots. */
import type { rootRules } from '../../decide/rules';
import { cm, mm, mmRange, number, years } from '../phrasing/format';
import { Kin, kin } from '../phrasing/kin';
import type { WordsFor } from './rule-words';

export const rootRuleWords: WordsFor<typeof rootRules> = {
  'pieces-far-off-roots': {
    says: (f, units) =>
      `Its pieces of about ${mm(f.pieceMm, units)} are too ${f.isTooCoarse ? 'coarse' : 'fine'} for roots of ${mm(f.rootDiameterMm, units)}, which live in ${mmRange(f.bandFromMm, f.bandToMm, units)}.`,
    wouldChange: (f, units) => `Roots of about ${mm(f.suitedRootMm, units)} would suit these pieces.`,
  },
  'refuses-cover': {
    says: (f) =>
      `${Kin(f.genusName)} refuses covered roots, and this holds only ${number(f.airShare * 100, 0)} % air after watering.`,
    wouldChange: (f) =>
      `A medium with at least ${number(f.airNeedShare * 100, 0)} % air, a basket or a mount would pass.`,
  },
  'moss-round-bare-roots': {
    says: (f) => `${Kin(f.genusName)} grows its roots into the open; a pot full of moss smothers and rots them.`,
    wouldChange: () => 'A thin pad on a mount is the most they bear.',
  },
  'bare-roots-rather-than-pot': {
    says: (f) => `${Kin(f.genusName)} grows its roots into the open; in a pot they turn away from the medium or rot.`,
    wouldChange: () => 'A basket or a mount leaves them free.',
  },
  'needs-cover': {
    says: (f) => `Every root of ${kin(f.genusName)} must be covered; here they would lie bare.`,
    wouldChange: () => 'Only a pot covers them.',
  },
  'rough-lava-soon-disturbed': {
    says: (f) =>
      `Roots grip rough lava and tear when moved, and you want to move this plant again in ${years(f.yearsWanted)}.`,
    wouldChange: () => 'Three years or more of peace would allow lava.',
  },
  'lava-fussy-roots': {
    says: (f) => `${Kin(f.genusName)} takes root damage badly, and rough lava does not let go of roots.`,
  },
  'gentle-next-time': {
    says: (f) =>
      `${Kin(f.genusName)} hates disturbance, and this medium lasts: next time the root ball moves on whole.`,
  },
  'slots-catch-roots': {
    says: () => 'Roots grow through slots and nets and break at the next unpotting.',
  },
  'shallow-roots-deep-pot': {
    says: (f, units) => `${Kin(f.genusName)} roots shallowly; a depth of ${cm(f.potHeightCm, units)} stays wet unused.`,
    wouldChange: () => 'A wide low pan or a basket would not lose these points.',
  },
};
