/** The shape of a growth map as a grower draws it: one to three plants from above, in the pot they come out of. */
import * as z from 'zod';
import { faultCode } from '../base';
import { listOf, oneOf, quantity, upTo, yesOrNo } from './quantities';

const MOST_MAPPED_PLANTS = 3;
const MOST_BULBS = 60;
const MOST_MAPPED_LEADS = 8;

const point = { xCm: quantity('mapCm'), yCm: quantity('mapCm') };

const bulbSchema = z.strictObject({
  ...point,
  /** Spent: it may be cut off, and new roots come no more. */
  isSpent: yesOrNo('isSpent').optional(),
});

const leadSchema = z.strictObject({ ...point, headingDeg: quantity('headingDeg') });

/** A plant needs a shoot at least: a bulb or a lead. */
const mappedPlantSchema = z
  .strictObject({
    /** The oldest first; without the leads. */
    bulbs: upTo('bulbs', bulbSchema, MOST_BULBS, 'bulbs'),
    leads: upTo('leads', leadSchema, MOST_MAPPED_LEADS, 'leading shoots'),
  })
  .refine(({ bulbs, leads }) => bulbs.length + leads.length > 0, {
    error: faultCode({ code: 'at least one', field: 'bulbs', what: 'bulb or leading shoot' }),
    path: ['bulbs'],
  });

export const growthMapSchema = z.strictObject({
  plants: listOf('plants', mappedPlantSchema, MOST_MAPPED_PLANTS, 'plants', 'plant'),
  /** The rim it was drawn in; its middle is where xCm and yCm are 0. */
  rim: z
    .strictObject({ shape: oneOf('rim.shape', ['round', 'square']), widthCm: quantity('rimDiameterCm') })
    .optional(),
});

export type GrowthMapSaid = z.infer<typeof growthMapSchema>;
