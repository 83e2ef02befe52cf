/** The shape of a genus as a grower states it: one of their own, or what differs on one plant. */
import * as z from 'zod';
import { faultCode } from '../base';
import { growthHabits, limeNeeds, traps } from '../catalogue/genera';
import { moistureRegimes, restKinds, warmthClasses } from '../physics/stress';
import { oneOf, quantity, textOf, yesOrNo } from './quantities';

/** Everything a grower may state otherwise than the catalogue does. */
export const genusTraits = z.strictObject({
  rootThinnestMm: quantity('rootDiameterMm'),
  rootThickestMm: quantity('rootDiameterMm'),
  rootsBranch: yesOrNo('rootsBranch'),
  rootHardiness: oneOf('rootHardiness', ['robust', 'ordinary', 'fussy']),
  habit: oneOf('habit', growthHabits),
  rhizomeStepCm: quantity('rhizomeStepCm'),
  shootsPerYear: quantity('shootsPerYear'),
  forkingChance: quantity('share'),
  airNeed: quantity('airNeedShare'),
  regime: oneOf('regime', moistureRegimes),
  temperature: oneOf('temperature', warmthClasses),
  light: oneOf('light', ['shade', 'bright shade', 'bright', 'sun']),
  saltTolerance: oneOf('saltTolerance', ['low', 'medium', 'high']),
  rest: oneOf('rest', ['none', ...restKinds]),
  depth: oneOf('depth', ['on the surface', 'base just tucked in', 'all roots covered', 'bulb 4 cm under']),
  cover: oneOf('cover', ['refuses cover', 'takes cover', 'needs cover']),
  heightCm: quantity('plantHeightCm'),
  leafAreaPerShootCm2: quantity('leafAreaCm2'),
  photosynthesis: oneOf('photosynthesis', ['CAM', 'C3']),
  overReservoir: oneOf('overReservoir', ['well', 'possible', 'never']),
  onMount: oneOf('onMount', ['well', 'possible', 'never']),
  /** Where nothing is said, no matter. */
  lime: oneOf('lime', limeNeeds).optional(),
});

export const genusOverridesSchema = genusTraits.partial();
export type GenusOverrides = z.infer<typeof genusOverridesSchema>;

export const growersGenusSchema = genusTraits
  .extend({
    id: z.string().max(80).default('own-genus'),
    name: textOf('name of the genus', 1, 80),
    alsoCalled: z.array(z.string().max(80)).max(20).default([]),
    traps: z.array(oneOf('traps', traps)).max(traps.length).default([]),
    /** In the grower's own words. */
    trap: z.string().max(300).default(''),
  })
  .refine((genus) => genus.rootThickestMm >= genus.rootThinnestMm, {
    error: faultCode({ code: 'not less than', field: 'rootThickestMm', than: 'rootThinnestMm' }),
    path: ['rootThickestMm'],
  });
