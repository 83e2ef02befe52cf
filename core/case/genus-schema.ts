/** The shape of a genus as a grower states it: one of their own, or what differs on one plant. */
import { z } from 'zod';
import { type Genus, growthHabits } from '../catalogue/genera';
import { moistureRegimes } from '../physics/drydown';
import { quantity } from './quantities';

const choice = <const T extends readonly [string, ...string[]]>(label: string, values: T) =>
  z.enum(values, { error: `${label} must be one of: ${values.join(', ')}` });

/** Everything a grower may state otherwise than the catalogue does. */
export const genusTraits = z.strictObject({
  rootThinnestMm: quantity('rootDiameterMm'),
  rootThickestMm: quantity('rootDiameterMm'),
  rootsBranch: z.boolean({ error: 'rootsBranch must be true or false' }),
  rootHardiness: choice('rootHardiness', ['robust', 'ordinary', 'fussy']),
  habit: choice('habit', growthHabits),
  rhizomeStepCm: quantity('rhizomeStepCm'),
  shootsPerYear: quantity('shootsPerYear'),
  forkingChance: quantity('share'),
  airNeed: quantity('airNeedShare'),
  regime: choice('regime', moistureRegimes),
  temperature: choice('temperature', ['cool', 'intermediate', 'warm']),
  light: choice('light', ['shade', 'bright shade', 'bright', 'sun']),
  saltTolerance: choice('saltTolerance', ['low', 'medium', 'high']),
  rest: choice('rest', ['none', 'drier winter', 'dry winter', 'leafless and dry']),
  depth: choice('depth', ['on the surface', 'base just tucked in', 'all roots covered', 'bulb 4 cm under']),
  cover: choice('cover', ['refuses cover', 'takes cover', 'needs cover']),
  heightCm: quantity('plantHeightCm'),
  leafAreaPerShootCm2: quantity('leafAreaCm2'),
  photosynthesis: choice('photosynthesis', ['CAM', 'C3']),
  overReservoir: choice('overReservoir', ['well', 'possible', 'never']),
  onMount: choice('onMount', ['well', 'possible', 'never']),
});

export const genusOverridesSchema = genusTraits.partial();
export type GenusOverrides = z.infer<typeof genusOverridesSchema>;

const THICKNESS_MESSAGE = 'rootThickestMm must not be less than rootThinnestMm';

export const ownGenusSchema = genusTraits
  .extend({
    id: z.string().max(80).default('own-genus'),
    name: z
      .string({ error: 'name of the genus must be between 1 and 80 characters' })
      .trim()
      .min(1, { error: 'name of the genus must be between 1 and 80 characters' })
      .max(80, { error: 'name of the genus must be between 1 and 80 characters' }),
    alsoCalled: z.array(z.string().max(80)).max(20).default([]),
    trap: z.string().max(300).default(''),
  })
  .refine((genus) => genus.rootThickestMm >= genus.rootThinnestMm, {
    error: THICKNESS_MESSAGE,
    path: ['rootThickestMm'],
  });

/** A genus with one plant's differences put in. A thickest root under the thinnest is lifted to it. */
export function withOverrides(genus: Genus, overrides: GenusOverrides | undefined): Genus {
  if (!overrides) return genus;
  const given = Object.fromEntries(Object.entries(overrides).filter(([, value]) => value !== undefined));
  const merged: Genus = { ...genus, ...given };
  return { ...merged, rootThickestMm: Math.max(merged.rootThinnestMm, merged.rootThickestMm) };
}
