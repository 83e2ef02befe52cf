/** The growth map as a grower draws it: one to three plants from above, in the pot they come out of. */
import * as z from 'zod';
import { faultCode } from '../base';
import type { MappedPlant, Point } from '../growth';
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
type PlantSaid = GrowthMapSaid['plants'][number];

/** Shoots of all plants of a map. */
export function shootsOn({ plants }: GrowthMapSaid): number {
  return plants.reduce((sum, { bulbs, leads }) => sum + bulbs.length + leads.length, 0);
}

/** Leading shoots of all plants of a map. */
export function leadsOn({ plants }: GrowthMapSaid): number {
  return plants.reduce((sum, { leads }) => sum + leads.length, 0);
}

/** The middle of what lives: half way between the ends, along and across. */
function middleOf(points: readonly Point[]): Point {
  const [xs, ys] = [points.map(({ xCm }) => xCm), points.map(({ yCm }) => yCm)];
  return { xCm: (Math.min(...xs) + Math.max(...xs)) / 2, yCm: (Math.min(...ys) + Math.max(...ys)) / 2 };
}

/** ballCm: diameter of the root ball of one of the plants. */
function mappedPlant({ bulbs, leads }: PlantSaid, ballCm: number): MappedPlant {
  const living = [...bulbs.filter(({ isSpent }) => isSpent !== true), ...leads];
  const middle = middleOf(living.length > 0 ? living : bulbs);
  return { bulbs, leads, ball: { ...middle, diameterCm: ballCm } };
}

/** The plants of a map with the roots they have, each with its ball about its living shoots. */
export function plantsOnMap(map: GrowthMapSaid, ballCm: number): readonly MappedPlant[] {
  return map.plants.map((plant) => mappedPlant(plant, ballCm));
}
