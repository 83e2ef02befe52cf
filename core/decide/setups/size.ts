/**
 * How big a pot: the root ball, plus the growth of the years wanted, plus a finger's width round it.
 * Growth per year = distance between shoots x shoots a year along the front (common practice).
 */
import {
  growsOneWay,
  isAsleep,
  isFailing,
  LIVE_USUALLY,
  type OwnPot,
  type PlantInHand,
  type PotSpec,
} from '../../case';
import { runsOneWay } from '../../catalogue/genera';
import type { Stance } from '../../catalogue/schools';
import { potKindById } from '../../catalogue/vessels';
import { isOrganic, type Mix } from '../../physics/media';
import { k } from './constants';
import type { CaseContext } from './context';

/** Years of growth to make room for: what the grower asked, else what their school and the medium allow. */
export function yearsOfRoom(mix: Mix, yearsWanted: number | null, stance?: Pick<Stance, 'steps'>): number {
  if (yearsWanted !== null) return yearsWanted;
  if (stance?.steps === 'small-steps') return k.SMALL_STEP_YEARS;
  if (stance?.steps === 'one-big') return k.ONE_BIG_YEARS;
  return isOrganic(mix) ? k.ORGANIC_YEARS : k.INORGANIC_YEARS;
}

/** Roots that die back, and seedlings that outgrow everything. */
function isPottedYearly({ genus, stage }: PlantInHand): boolean {
  return stage === 'seedling' || genus.traps.includes('roots die back every year');
}

/** The same for a plant: one whose roots die back is potted afresh every year. */
export function yearsFor({ plant, resolved }: Pick<CaseContext, 'plant' | 'resolved'>, mix: Mix): number {
  const years = yearsOfRoom(mix, resolved.yearsWanted, resolved.stance);
  return isPottedYearly(plant) ? Math.min(k.YEARLY_YEARS, years) : years;
}

/** Shoots a year that carry a front on: one generation for kinds that make one, and what forks shares its shoots. */
function generationsAYear({ shootsPerYear, forkingChance }: PlantInHand['genus']): number {
  if (shootsPerYear < k.SHOOTS_OF_ANNUALS) return Math.min(1, shootsPerYear);
  // More than about two a year are side shoots, not length.
  return Math.min(k.MOST_SHOOTS_PER_FRONT, shootsPerYear) / (1 + forkingChance);
}

/** How far the plant spreads across the pot in the given years, cm. */
export function spreadCm(plant: PlantInHand, years: number): number {
  const { rhizomeStepCm, shootsPerYear } = plant.genus;
  if (rhizomeStepCm === 0) return k.STEM_GROWTH_CM_PER_YEAR * years;
  if (runsOneWay(plant.habit)) {
    // Two fronts run apart, one to each side.
    const sides = growsOneWay(plant) ? 1 : 2;
    return sides * Math.max(0, rhizomeStepCm * generationsAYear(plant.genus) * years - k.FRONT_OVERLAP_CM);
  }
  // Growth in all directions: the ring grows on both sides, by the square root of the crowd.
  const crowd = Math.sqrt((plant.shootCount + shootsPerYear * years) / plant.shootCount);
  const ring = plant.rootBallDiameterCm * 0.5 * (crowd - 1);
  const outward = Math.min(rhizomeStepCm * years, ring + rhizomeStepCm * 0.5 * years);
  // What rambles or roots as it creeps may come as near to the wall as a front.
  const overlap = plant.habit === 'rambling' || plant.habit === 'creeping stem' ? k.FRONT_OVERLAP_CM : 0;
  return Math.max(0, outward - overlap);
}

/**
 * The ball that is left when the dead roots are off, cm: live volume goes by the third power of its width. A ball as it is
 * usually found counts whole.
 */
export function liveBallCm(plant: PlantInHand): number {
  const share = Math.min(1, plant.liveRootShare / LIVE_USUALLY);
  return plant.rootBallDiameterCm * Math.max(k.LEAST_BALL_SHARE, Math.cbrt(share));
}

/** What a pot's width is made of, cm. */
export interface WidthNeeded {
  readonly liveBallCm: number;
  readonly growthCm: number;
  readonly marginCm: number;
  readonly neededCm: number;
}

export function widthNeeded(plant: PlantInHand, years: number): WidthNeeded {
  const ballCm = liveBallCm(plant);
  const growthCm = spreadCm(plant, isFailing(plant) ? Math.min(years, k.RECOVERY_YEARS) : years);
  return {
    liveBallCm: ballCm,
    growthCm,
    marginCm: k.MARGIN_CM,
    neededCm: ballCm + growthCm + k.MARGIN_CM,
  };
}

/** Inside width the plant needs, cm. */
export function neededWidthCm(plant: PlantInHand, years: number): number {
  return widthNeeded(plant, years).neededCm;
}

/** Width that ball and growth fill after so many years, cm: at the rim the pot is full. */
export function filledWidthCm(plant: PlantInHand, years: number): number {
  const { neededCm, marginCm } = widthNeeded(plant, years);
  return neededCm - marginCm;
}

export interface SizeChoice {
  readonly rimDiameterCm: number;
  readonly neededCm: number;
  readonly years: number;
  /** True when even the largest pot of the kind is too small. */
  readonly isTight: boolean;
}

/** In a square pot growth that runs one way can use the diagonal. */
export function diagonalGain(plant: PlantInHand, potKindId: string): number {
  // Fans follow each other so closely that the corner gains them nothing.
  return potKindById(potKindId).shape === 'square' && plant.habit === 'creeping' ? k.DIAGONAL_GAIN : 1;
}

/** The smallest pot of a kind with the room needed. */
export function chooseSize(plant: PlantInHand, potKindId: string, years: number): SizeChoice {
  const { rimDiametersCm } = potKindById(potKindId);
  const neededCm = neededWidthCm(plant, years);
  const gain = diagonalGain(plant, potKindId);
  const fitting = rimDiametersCm.find((rim) => rim * gain >= neededCm);
  const largest = rimDiametersCm[rimDiametersCm.length - 1]!;
  return { rimDiameterCm: fitting ?? largest, neededCm, years, isTight: fitting === undefined };
}

/** Whoever goes up one size at a time takes the smallest with the room; others may take the next as well. */
export function sizesTried(stance: Pick<Stance, 'steps'>): number {
  return stance.steps === 'small-steps' ? 1 : k.SIZES_TRIED;
}

/**
 * The narrowest pot that a plant may go back to: the one it stands in, unless roots have died or die back by nature; else
 * its ball decides.
 */
export function leastRimCm({ plant, resolved }: Pick<CaseContext, 'plant' | 'resolved'>): number {
  const hasLost = plant.liveRootShare < k.KEEPS_ITS_SIZE_FROM || isFailing(plant) || isAsleep(plant);
  return hasLost ? 0 : (resolved.current.rimDiameterCm ?? 0);
}

/** The pots to try of one kind, so many: from the grower's shelf if they listed it, else the common sizes. */
export function potsToTry(
  plant: PlantInHand,
  potKindId: string,
  years: number,
  ownPots: readonly OwnPot[],
  most: number,
  leastCm = 0,
): readonly PotSpec[] {
  const neededCm = Math.max(leastCm, neededWidthCm(plant, years));
  const gain = diagonalGain(plant, potKindId);
  const all: readonly PotSpec[] =
    ownPots.length > 0
      ? ownPots
          .filter((own) => own.potKindId === potKindId)
          .map(({ rimDiameterCm, heightCm, baseDiameterCm }) => ({
            kind: 'pot' as const,
            potKindId,
            rimDiameterCm,
            ...(heightCm === undefined ? {} : { heightCm }),
            ...(baseDiameterCm === undefined ? {} : { baseDiameterCm }),
          }))
      : potKindById(potKindId).rimDiametersCm.map((rimDiameterCm) => ({
          kind: 'pot' as const,
          potKindId,
          rimDiameterCm,
        }));
  const sorted = [...all].sort((a, b) => a.rimDiameterCm - b.rimDiameterCm);
  const first = sorted.findIndex((pot) => pot.rimDiameterCm * gain >= neededCm);
  if (first >= 0) return sorted.slice(first, first + most);
  // None is wide enough: the widest, unless it is narrower than the one it comes out of.
  return sorted.slice(-1).filter((pot) => pot.rimDiameterCm >= leastCm);
}
