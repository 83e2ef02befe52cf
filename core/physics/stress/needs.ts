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
  /** A winter of some cold is wanted: its coldest month is to be this cool, and fails it where it is that warm; Infinity where none is. */
  readonly winterCool: number;
  readonly winterWarm: number;
}

export const warmthClasses = ['hardy', 'cool', 'adaptable', 'intermediate', 'warm'] as const;
export type WarmthClass = (typeof warmthClasses)[number];

/** Kinds that need no winter. */
const NO_WINTER = { winterCool: practice(Infinity), winterWarm: practice(Infinity) };
export type SaltClass = 'low' | 'medium' | 'high';

/** Common practice of the trade; the limits of harm are from memory. */
export const warmths: Readonly<Record<WarmthClass, { readonly [K in keyof Warmth]: Sourced<number> }>> = {
  // Plants of cold winters: frost on sleeping bulbs, mild summers.
  hardy: {
    dayWarm: practice(25),
    dayHot: memory(30),
    nightWarm: practice(18),
    nightHot: memory(24),
    cool: practice(-6),
    cold: memory(-15),
    winterCool: practice(7),
    winterWarm: memory(14),
  },
  cool: {
    dayWarm: practice(23),
    dayHot: practice(26.5),
    nightWarm: practice(16),
    nightHot: memory(21),
    cool: practice(8),
    cold: memory(3),
    ...NO_WINTER,
  },
  // Cool nights, warm days: hill plants that bear both.
  adaptable: {
    dayWarm: practice(30),
    dayHot: memory(36),
    nightWarm: practice(19),
    nightHot: memory(26),
    cool: practice(7),
    cold: memory(1),
    ...NO_WINTER,
  },
  intermediate: {
    dayWarm: practice(28),
    dayHot: memory(33),
    nightWarm: practice(20),
    nightHot: memory(27),
    cool: practice(12.5),
    cold: memory(7),
    ...NO_WINTER,
  },
  warm: {
    dayWarm: practice(32),
    dayHot: memory(37),
    nightWarm: practice(26),
    nightHot: memory(31),
    cool: practice(16.5),
    cold: memory(11),
    ...NO_WINTER,
  },
};
export const warmthOf: Readonly<Record<WarmthClass, Warmth>> = {
  hardy: plain(warmths.hardy),
  cool: plain(warmths.cool),
  adaptable: plain(warmths.adaptable),
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
