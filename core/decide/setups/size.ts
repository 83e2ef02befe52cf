/**
 * How big a pot: the narrowest in which the plant, standing as it stands best, stays for the years wanted with the certainty asked
 * for. What it does in those years is the growth room's to say.
 */
import { isAsleep, isFailing, type PlantInHand, type PotSpec } from '../../case';
import type { Stance } from '../../catalogue/schools';
import { potKindById } from '../../catalogue/vessels';
import { isOrganic, type Mix } from '../../physics/media';
import { k } from './constants';
import type { PotShape } from '../../physics/pots';
import type { CaseContext } from './context';
import { liveBallCm } from './live-ball';

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

type Growing = Pick<CaseContext, 'plant' | 'growth'>;

/** What a pot's width is made of, cm. */
export interface WidthNeeded {
  readonly liveBallCm: number;
  readonly growthCm: number;
  readonly marginCm: number;
  readonly neededCm: number;
}

/** A finger of medium round the ball; the rest of the width is growth, as the forecast has it. */
export function widthNeeded(growing: Growing, years: number, shape: PotShape = 'round'): WidthNeeded {
  const ballCm = liveBallCm(growing.plant);
  const neededCm = neededWidthCm(growing, years, shape);
  const marginCm = Math.max(0, Math.min(k.MARGIN_CM, neededCm - ballCm));
  return { liveBallCm: ballCm, growthCm: Math.max(0, neededCm - ballCm - marginCm), marginCm, neededCm };
}

/** Inside width the plant needs to stay in the pot for so many years with the certainty asked for, cm. */
export function neededWidthCm({ plant, growth }: Growing, years: number, shape: PotShape = 'round'): number {
  return growth().neededCm(shape, isFailing(plant) ? Math.min(years, k.RECOVERY_YEARS) : years);
}

export interface SizeChoice {
  readonly rimDiameterCm: number;
  readonly neededCm: number;
  readonly years: number;
  /** True when even the largest pot of the kind is too small. */
  readonly isTight: boolean;
}

/** The smallest pot of a kind with the room needed. */
export function chooseSize(growing: Growing, potKindId: string, years: number): SizeChoice {
  const { rimDiametersCm, shape } = potKindById(potKindId);
  const neededCm = neededWidthCm(growing, years, shape);
  const fitting = rimDiametersCm.find((rim) => rim >= neededCm);
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
  growing: Growing & Pick<CaseContext, 'resolved'>,
  potKindId: string,
  years: number,
  most: number,
  leastCm = 0,
): readonly PotSpec[] {
  const { ownPots, shelfRoomCm } = growing.resolved;
  const neededCm = Math.max(leastCm, neededWidthCm(growing, years, potKindById(potKindId).shape));
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
  const sorted = all
    .filter(({ rimDiameterCm }) => shelfRoomCm === null || rimDiameterCm <= shelfRoomCm)
    .sort((a, b) => a.rimDiameterCm - b.rimDiameterCm);
  const first = sorted.findIndex((pot) => pot.rimDiameterCm >= neededCm);
  if (first >= 0) return sorted.slice(first, first + most);
  // None is wide enough: the widest, unless it is narrower than the one it comes out of.
  return sorted.slice(-1).filter((pot) => pot.rimDiameterCm >= leastCm);
}
