/** The shape of a setup (layers, vessel) as it is read from a file, a form or a request. */
import * as z from 'zod';
import { faultCode, round1 } from '../base';
import { mediumIds } from '../catalogue/media';
import { makePot, mountKindIds, potKindIds } from '../catalogue/vessels';
import { MAX_MIX_PARTS } from '../physics/media';
import { growersMediumSchema } from './growers-schema';
import { listOf, oneOf, quantity, wholeQuantity } from './quantities';
import { approaches } from './setup-spec';

export const mixPartSchema = z.strictObject({
  mediumId: oneOf('mediumId', mediumIds),
  parts: quantity('mixParts'),
  own: growersMediumSchema.optional(),
});

/** A pot is filled in so many layers at most. */
const MOST_LAYERS = 5;
/** What a ruler at the bench may be off by, cm. */
const RULER_SLACK_CM = 0.05;

const layerSchema = z.strictObject({
  role: oneOf('role', ['crocking', 'main', 'top dressing']),
  mix: listOf('mix', mixPartSchema, MAX_MIX_PARTS, 'parts', 'part'),
  isSideBySide: z.boolean().optional(),
  heightCm: quantity('layerHeightCm'),
});

const vesselSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('pot'),
    potKindId: oneOf('potKindId', potKindIds),
    rimDiameterCm: quantity('rimDiameterCm'),
    wickCount: wholeQuantity('wickCount').optional(),
    wickHeightCm: quantity('wickHeightCm').optional(),
    heightCm: quantity('potHeightCm').optional(),
    baseDiameterCm: quantity('baseDiameterCm').optional(),
  }),
  z.strictObject({
    kind: z.literal('mount'),
    mountKindId: oneOf('mountKindId', mountKindIds),
    widthCm: quantity('mountWidthCm'),
    padThicknessCm: quantity('padThicknessCm'),
    isLying: z.boolean().optional(),
  }),
]);

export const setupSpecSchema = z
  .strictObject({
    approach: oneOf('approach', approaches),
    vessel: vesselSchema,
    layers: listOf('layers', layerSchema, MOST_LAYERS, 'layers', 'layer'),
    monthsOld: quantity('monthsOld').optional(),
  })
  .superRefine((spec, check) => {
    if (spec.layers.filter((layer) => layer.role === 'main').length !== 1) {
      check.addIssue({ code: 'custom', path: ['layers'], message: faultCode({ code: 'one main layer' }) });
    }
    if (spec.vessel.kind !== 'pot') return;
    const { heightCm } = makePot(spec.vessel.potKindId, spec.vessel.rimDiameterCm, spec.vessel);
    const filledCm = spec.layers.reduce((sum, layer) => sum + layer.heightCm, 0);
    if (filledCm > heightCm + RULER_SLACK_CM) {
      check.addIssue({
        code: 'custom',
        path: ['layers'],
        message: faultCode({ code: 'layers too high', filledCm: round1(filledCm), potHeightCm: round1(heightCm) }),
      });
    }
  });
