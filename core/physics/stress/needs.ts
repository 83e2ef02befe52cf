/** What one plant needs and can bear: the parameters of its stresses. */
import { memory, plain, practice, type Sourced } from '../../base';
import type { RegimeFigures } from './regime';

/** Warmth by day and night, °C. */
export interface Warmth {
  /** Suits up to here, and harms from here on. */
  readonly dayWarm: number;
  readonly dayHot: number;
  readonly nightWarm: number;
  readonly nightHot: number;
  /** Suits down to here, and harms from here on, by day and by night. */
  readonly cool: number;
  readonly cold: number;
}

export type WarmthClass = 'cool' | 'intermediate' | 'warm';
export type SaltClass = 'low' | 'medium' | 'high';

/** Common practice of the trade; the limits of harm are from memory. */
export const warmths: Readonly<Record<WarmthClass, { readonly [K in keyof Warmth]: Sourced<number> }>> = {
  cool: {
    dayWarm: practice(23),
    dayHot: practice(26.5),
    nightWarm: practice(16),
    nightHot: memory(21),
    cool: practice(8),
    cold: memory(3),
  },
  intermediate: {
    dayWarm: practice(28),
    dayHot: memory(33),
    nightWarm: practice(20),
    nightHot: memory(27),
    cool: practice(12.5),
    cold: memory(7),
  },
  warm: {
    dayWarm: practice(32),
    dayHot: memory(37),
    nightWarm: practice(26),
    nightHot: memory(31),
    cool: practice(16.5),
    cold: memory(11),
  },
};
export const warmthOf: Readonly<Record<WarmthClass, Warmth>> = {
  cool: plain(warmths.cool),
  intermediate: plain(warmths.intermediate),
  warm: plain(warmths.warm),
};

/** Conductivity of the water about the roots that such plants still bear, dS/m (= mS/cm). From memory. */
export const saltTolerances: Readonly<Record<SaltClass, Sourced<number>>> = {
  low: memory(1.6),
  medium: memory(3),
  high: memory(5),
};
export const saltToleranceDsM: Readonly<Record<SaltClass, number>> = plain(saltTolerances);

export interface RootNeeds {
  readonly regime: RegimeFigures;
  /** Air-filled porosity its roots want after watering, v/v, over the whole root zone. */
  readonly airNeed: number;
  readonly warmth: Warmth;
  readonly saltToleranceDsM: number;
  /** Roots that have grown in standing water, or whose kind takes to it. */
  readonly takesToWater: boolean;
}
