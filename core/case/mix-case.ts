/** A mix to be worked out: its parts, how deep it will lie, how much is wanted. */
import * as z from 'zod';
import { MAX_MIX_PARTS } from '../physics/media';
import { listOf, quantity } from './quantities';
import { mixPartSchema } from './setup-schema';

export const mixCaseSchema = z.strictObject({
  parts: listOf('parts', mixPartSchema, MAX_MIX_PARTS, 'media', 'medium'),
  depthCm: quantity('layerHeightCm').default(10),
  wantedL: quantity('volumeL').default(1),
  /** Months the mix has been in use; 0 = new. */
  monthsOld: quantity('monthsOld').default(0),
});
