/**
 * How big a pot: the root ball, plus the growth of the years wanted, plus a finger's width round it.
 * Growth per year = distance between shoots x shoots a year along the front (common practice).
 */
import { isOrganic, type Mix } from '../media';
import { runsOneWay, type PlantInHand } from '../plants';
import { potKindById } from '../pots';

/** Two years in organic media, three in inorganic (common practice: "2 at least, 3-4 with inorganic"). */
export const ORGANIC_YEARS = 2;
export const INORGANIC_YEARS = 3;
/** Room round the ball of a plant that does not creep, cm for each year (common practice: 2-3 cm a step). */
const STEM_GROWTH_CM_PER_YEAR = 1;

export function yearsOfRoom(mix: Mix, yearsWanted: number | null): number {
  return yearsWanted ?? (isOrganic(mix) ? ORGANIC_YEARS : INORGANIC_YEARS);
}

/** How far the plant spreads across the pot in the given years, cm. */
export function spreadCm(plant: PlantInHand, years: number): number {
  const { rhizomeStepCm, shootsPerYear } = plant.genus;
  if (rhizomeStepCm === 0) return STEM_GROWTH_CM_PER_YEAR * years;
  if (runsOneWay(plant.habit)) {
    // A front adds one shoot after another; more than about two a year are side shoots, not length.
    return rhizomeStepCm * Math.min(2, shootsPerYear) * years;
  }
  // Growth in all directions: the ring grows on both sides, by the square root of the crowd.
  const crowd = Math.sqrt((plant.shootCount + shootsPerYear * years) / plant.shootCount);
  const ring = plant.rootBallDiameterCm * 0.5 * (crowd - 1);
  return Math.min(rhizomeStepCm * years, ring + rhizomeStepCm * 0.5 * years);
}

/** Inside width the plant needs, cm. */
export function neededWidthCm(plant: PlantInHand, years: number): number {
  return plant.rootBallDiameterCm + spreadCm(plant, years);
}

export interface SizeChoice {
  readonly rimDiameterCm: number;
  readonly neededCm: number;
  readonly years: number;
  /** True when even the largest pot of the kind is too small. */
  readonly isTight: boolean;
}

/** The smallest pot of a kind with the room needed. */
export function chooseSize(plant: PlantInHand, potKindId: string, years: number): SizeChoice {
  const { rimDiametersCm, shape } = potKindById(potKindId);
  const neededCm = neededWidthCm(plant, years);
  // In a square pot growth that runs one way can use the diagonal.
  const gain = shape === 'square' && runsOneWay(plant.habit) ? 1.2 : 1;
  const fitting = rimDiametersCm.find((rim) => rim * gain >= neededCm);
  const largest = rimDiametersCm[rimDiametersCm.length - 1]!;
  return { rimDiameterCm: fitting ?? largest, neededCm, years, isTight: fitting === undefined };
}
