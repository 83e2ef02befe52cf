/** The changes a what-if question may try on a setup and its case. */
import * as z from 'zod';
import { lazily } from '../base';
import { mediumIds } from '../catalogue/media';
import { potKindIds } from '../catalogue/vessels';
import { placeOrIdSchema } from './place-schema';
import { heatWaveSchema, holidaySchema, routineSchema } from './plan-case';
import { oneOf, quantity, wholeQuantity } from './quantities';

export const whatIfSchema = lazily(() =>
  z.strictObject({
    place: placeOrIdSchema.optional(),
    routine: routineSchema.optional(),
    heatWave: heatWaveSchema.optional(),
    holiday: holidaySchema.optional(),
    mainHeightCm: quantity('layerHeightCm').optional(),
    crockingHeightCm: quantity('crockingHeightCm').optional(),
    baseMediumId: oneOf('baseMediumId', mediumIds).optional(),
    mossShare: quantity('mossShare').optional(),
    potKindId: oneOf('potKindId', potKindIds).optional(),
    rimDiameterCm: quantity('rimDiameterCm').optional(),
    wickCount: wholeQuantity('wickCount').optional(),
    padThicknessCm: quantity('padThicknessCm').optional(),
    top: oneOf('top', ['bare', 'pebbles', 'lava', 'moss']).optional(),
    monthsOld: quantity('monthsOld').optional(),
  }),
);
