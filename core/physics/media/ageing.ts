/**
 * Media grow old. New bark hardly wets; within its first year it learns to take water. Organic
 * media break down: pieces crumble, the bed settles, passages close, it holds more water and less air.
 * Life in years is the catalogue's at 20 °C and moderate wetness; warmth speeds it by the catalogue's
 * factor per 10 °C, wetness between dry (slower) and always wet (faster) by its wetness factor.
 * The course over the life is from memory of what comes out of old pots.
 */
import { MONTHS_PER_YEAR } from '../../base';
import { k } from './constants';
import type { Hydraulics, MediumFigures } from './medium';
import { hydraulicsOfParts, type Mix } from './mix';
import { airEntryHeadCm, hydraulicsOf } from './retention';

export interface AgeingConditions {
  readonly temperatureC: number;
  /** Mean share of available water over the year: 0 dry, 1 always wet. */
  readonly wetness: number;
}

export const ORDINARY_CONDITIONS: AgeingConditions = { temperatureC: 20, wetness: 0.5 };

/** Years a medium lasts in given conditions. */
export function lifeYearsIn(medium: MediumFigures, { temperatureC, wetness }: AgeingConditions): number {
  const warmth = medium.warmthFactorPer10C ** ((temperatureC - k.REFERENCE_C) / 10);
  const wet = medium.wetnessFactor ** (wetness - ORDINARY_CONDITIONS.wetness);
  return medium.lifeYears / (warmth * wet);
}

/** Share of its life a medium has behind it, 0 new to 1 spent (or more). */
export function spentShare(medium: MediumFigures, months: number, conditions: AgeingConditions): number {
  return months / MONTHS_PER_YEAR / lifeYearsIn(medium, conditions);
}

/** What a watering of the dry medium puts in, after some months of use: it learns to take water, for the most part. */
export function wettabilityAfter(fresh: number, months: number): number {
  return fresh + (1 - fresh) * k.WETTING_GAINED * Math.min(1, months / k.WETTING_MONTHS);
}

/** The same on average over the year that follows: what a year's waterings and the days between them go by. */
export function wettabilityInYear(fresh: number, months: number): number {
  const gained = (until: number) =>
    until <= k.WETTING_MONTHS ? until ** 2 / (2 * k.WETTING_MONTHS) : k.WETTING_MONTHS / 2 + (until - k.WETTING_MONTHS);
  const mean = (gained(months + MONTHS_PER_YEAR) - gained(months)) / MONTHS_PER_YEAR;
  return fresh + (1 - fresh) * k.WETTING_GAINED * mean;
}

/** The hydraulic figures of a medium after some months of use. */
export function agedHydraulics(
  medium: MediumFigures,
  months: number,
  conditions: AgeingConditions = ORDINARY_CONDITIONS,
): Hydraulics {
  const fresh = hydraulicsOf(medium);
  const wettability = wettabilityAfter(fresh.wettability, months);
  if (!medium.organic) return { ...fresh, wettability };
  // Slow at first, fast towards the end.
  const worn = Math.min(1, spentShare(medium, months, conditions)) ** k.WEAR_EXPONENT;
  const interPorosity = fresh.interPorosity * (1 - k.PASSAGES_LOST * worn);
  const d10Mm = fresh.d10Mm * (1 - k.SIZE_LOST * worn);
  const settled = 1 / (1 - k.SETTLED_AT_END * worn);
  const closed = fresh.interPorosity - interPorosity;
  // Decay takes about as much solid as settling takes room, so the bed stays as porous as it was; passages that
  // close become fine pores between crumbs, and these stay full. So an old medium holds more at any depth.
  const innerWater = Math.min(fresh.totalPorosity, fresh.innerWater + closed);
  return {
    ...fresh,
    d10Mm,
    meanMm: fresh.meanMm * (1 - k.SIZE_LOST * worn),
    interPorosity,
    innerWater,
    decay: k.FRESH_DECAY + (1 - k.FRESH_DECAY) * worn,
    airEntryHeadCm: airEntryHeadCm(interPorosity, d10Mm),
    unavailableWater: fresh.unavailableWater * settled,
    wettability,
    dryDensityGL: fresh.dryDensityGL * settled,
  };
}

/** How old a mix is and what it has lived through. */
export interface MixAge {
  readonly months: number;
  readonly conditions: AgeingConditions;
}

/** The figures of a mix after some months of use. */
export function hydraulicsOfAgedMix(mix: Mix, age: MixAge): Hydraulics {
  return hydraulicsOfParts(
    mix.map(({ medium, parts }) => ({ figures: agedHydraulics(medium, age.months, age.conditions), parts })),
  );
}

/** Height of an aged bed over that of the new one: organic parts crumble and settle. */
export function settledHeightShare(mix: Mix, age: MixAge): number {
  const bagL = mix.reduce((sum, part) => sum + part.parts, 0);
  const lostL = mix.reduce((sum, { medium, parts }) => {
    if (!medium.organic) return sum;
    const worn = Math.min(1, spentShare(medium, age.months, age.conditions)) ** k.WEAR_EXPONENT;
    return sum + parts * k.SETTLED_AT_END * worn;
  }, 0);
  return 1 - lostL / bagL;
}

/** Years until the mix is spent: the organic parts set the date. */
export function mixLifeYears(mix: Mix, conditions: AgeingConditions = ORDINARY_CONDITIONS): number {
  const organic = mix.filter((part) => part.medium.organic);
  const deciding = organic.length > 0 ? organic : mix;
  return Math.min(...deciding.map((part) => lifeYearsIn(part.medium, conditions)));
}
