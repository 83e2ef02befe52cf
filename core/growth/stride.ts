/** How a plant gets on: how far, how often and how straight its leads step. */
import type { Genus, GrowthHabit } from '../catalogue/genera';
import { k, spreadOf } from './constants';

export interface Stride {
  /** From shoot to shoot as seen from above, cm; 0 = it does not creep. */
  readonly stepCm: number;
  /** Shoots that carry a lead on, a year. */
  readonly stepsAYear: number;
  readonly forkingChance: number;
  /** True where each of two new leads makes fewer shoots than the one before them. */
  readonly sharesShoots: boolean;
  readonly wanderDeg: number;
  /** Standard deviations, as shares. */
  readonly stepSpread: number;
  readonly paceSpread: number;
  /** By which the roots of a plant that does not creep spread to each side, cm a year. */
  readonly ringCmPerYear: number;
}

type Stepping = Pick<Genus, 'rhizomeStepCm' | 'shootsPerYear' | 'forkingChance'>;

/** Shoots a year that carry one lead on: one generation for kinds that make one, and what forks shares its shoots. */
function generationsAYear({ shootsPerYear, forkingChance }: Stepping): number {
  if (shootsPerYear < k.SHOOTS_OF_ANNUALS) return Math.min(1, shootsPerYear);
  return Math.min(k.MOST_SHOOTS_PER_LEAD, shootsPerYear) / (1 + forkingChance);
}

/** leads: of the plant, at least one. */
export function strideOf(genus: Stepping, habit: GrowthHabit, leads: number): Stride {
  const { wanderDeg, flatShare, sharesShoots } = spreadOf[habit];
  const each = sharesShoots ? genus.shootsPerYear / Math.max(1, leads) : genus.shootsPerYear;
  const creeps = habit !== 'single stem' && genus.rhizomeStepCm > 0;
  return {
    stepCm: creeps ? genus.rhizomeStepCm * flatShare : 0,
    stepsAYear: Math.min(each, generationsAYear(genus)),
    forkingChance: genus.forkingChance,
    sharesShoots,
    wanderDeg,
    stepSpread: k.STEP_SPREAD,
    paceSpread: k.PACE_SPREAD,
    ringCmPerYear: creeps ? 0 : k.STEM_RING_CM_PER_YEAR,
  };
}
