/** What is asked of growth: a case, and the pots to look at. */
import * as z from 'zod';
import { oneOf, quantity, upTo } from './quantities';

const MOST_POTS_LOOKED_AT = 24;

export const potsToTrySchema = upTo(
  'pots',
  z.strictObject({ shape: oneOf('pots.shape', ['round', 'square']), widthCm: quantity('rimDiameterCm') }),
  MOST_POTS_LOOKED_AT,
  'pots',
);
