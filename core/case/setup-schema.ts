/** The shape of a setup (layers, vessel) as it is read from a file, a form or a request. */
import { z } from 'zod';
import { mediumIds } from '../catalogue/media';
import { makePot, mountKindIds, potKindIds } from '../catalogue/vessels';
import { MAX_MIX_PARTS } from '../physics/media';
import { ownMediumSchema } from './own-schema';
import { oneOf, quantity, wholeQuantity } from './quantities';
import { approaches } from './setup-spec';

export const mixPartSchema = z.strictObject({
  mediumId: oneOf('mediumId', mediumIds),
  parts: quantity('mixParts'),
  own: ownMediumSchema.optional(),
});

const layerSchema = z.strictObject({
  role: z.enum(['crocking', 'main', 'top dressing'], { error: 'role must be crocking, main or top dressing' }),
  mix: z
    .array(mixPartSchema)
    .min(1, { error: 'mix needs at least one part' })
    .max(MAX_MIX_PARTS, { error: `mix must have at most ${MAX_MIX_PARTS} parts` }),
  heightCm: quantity('layerHeightCm'),
});

const vesselSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('pot'),
    potKindId: oneOf('potKindId', potKindIds),
    rimDiameterCm: quantity('rimDiameterCm'),
    wickCount: wholeQuantity('wickCount').optional(),
    heightCm: quantity('potHeightCm').optional(),
    baseDiameterCm: quantity('baseDiameterCm').optional(),
  }),
  z.strictObject({
    kind: z.literal('mount'),
    mountKindId: oneOf('mountKindId', mountKindIds),
    widthCm: z
      .number()
      .min(4, { error: 'mount width must be between 4 and 60 cm' })
      .max(60, { error: 'mount width must be between 4 and 60 cm' }),
    padThicknessCm: z
      .number()
      .min(0, { error: 'pad thickness must be between 0 and 6 cm' })
      .max(6, { error: 'pad thickness must be between 0 and 6 cm' }),
  }),
]);

export const setupSpecSchema = z
  .strictObject({
    approach: z.enum(approaches, { error: `approach must be one of: ${approaches.join(', ')}` }),
    vessel: vesselSchema,
    layers: z.array(layerSchema).min(1, { error: 'layers needs at least one layer' }).max(5),
    monthsOld: quantity('monthsOld').optional(),
  })
  .superRefine((spec, check) => {
    if (spec.layers.filter((layer) => layer.role === 'main').length !== 1) {
      check.addIssue({ code: 'custom', path: ['layers'], message: 'layers must hold exactly one main layer' });
    }
    if (spec.vessel.kind !== 'pot') return;
    const { heightCm } = makePot(spec.vessel.potKindId, spec.vessel.rimDiameterCm, spec.vessel);
    const filledCm = spec.layers.reduce((sum, layer) => sum + layer.heightCm, 0);
    if (filledCm > heightCm + 0.05) {
      check.addIssue({
        code: 'custom',
        path: ['layers'],
        message: `layers are ${round1(filledCm)} cm high together, but the pot is only ${round1(heightCm)} cm deep`,
      });
    }
  });

function round1(value: number): number {
  return Math.round(value * 10) / 10;
}
