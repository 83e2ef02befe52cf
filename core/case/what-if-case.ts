/** A what-if question: a case, a setup (or the best one), a change, a month. Also for tuning, without the change. */
import { z } from 'zod';
import { mediumIds } from '../catalogue/media';
import { demoPlaceIds } from '../catalogue/places';
import { potKindIds } from '../catalogue/vessels';
import { placeSchema } from './place-schema';
import { planCaseSchema, routineSchema } from './plan-case';
import { oneOf, quantity, wholeQuantity } from './quantities';
import { setupSpecSchema } from './setup-schema';

const TOP_MESSAGE = 'top must be one of: bare, pebbles, lava, moss';

export const whatIfSchema = z.strictObject({
  place: z.union([oneOf('place', demoPlaceIds), placeSchema]).optional(),
  routine: routineSchema.optional(),
  heatWave: planCaseSchema.shape.heatWave,
  holiday: planCaseSchema.shape.holiday,
  mainHeightCm: quantity('layerHeightCm').optional(),
  crockingHeightCm: quantity('crockingHeightCm').optional(),
  baseMediumId: oneOf('baseMediumId', mediumIds).optional(),
  mossShare: quantity('mossShare').optional(),
  potKindId: oneOf('potKindId', potKindIds).optional(),
  rimDiameterCm: quantity('rimDiameterCm').optional(),
  wickCount: wholeQuantity('wickCount').optional(),
  padThicknessCm: quantity('padThicknessCm').optional(),
  top: z.enum(['bare', 'pebbles', 'lava', 'moss'], { error: TOP_MESSAGE }).optional(),
  monthsOld: quantity('monthsOld').optional(),
});

export const whatIfCaseSchema = planCaseSchema.extend({
  setup: setupSpecSchema.optional(),
  change: whatIfSchema.default({}),
});
export const tuneCaseSchema = planCaseSchema.extend({ setup: setupSpecSchema.optional() });
