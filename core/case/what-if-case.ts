/** The changes a what-if question may try on a setup and its case. */
import * as z from 'zod';
import { mediumIds } from '../catalogue/media';
import { potKindIds } from '../catalogue/vessels';
import type { PlaceBook } from './place-book';
import { placeOrIdSchemaFor } from './place-schema';
import { heatWaveSchema, holidaySchema, routineSchema } from './plan-case';
import { oneOf, quantity, wholeQuantity } from './quantities';

export const whatIfSchemaFor = (places: PlaceBook) =>
  z.strictObject({
    place: placeOrIdSchemaFor(places).optional(),
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
  });
