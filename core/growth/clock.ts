/**
 * Years of growth in years of the calendar: nothing grows in rest, so that the other months carry the whole year; poor light slows
 * all of it, and lost roots the first year and half of it the second.
 */
import { k } from './constants';

const MONTHS = 12;

export interface GrowingConditions {
  /** 0 = January: the month in which it is potted. */
  readonly monthIndex: number;
  /** Months of rest, 0 = January. */
  readonly restMonths: readonly number[];
  /** Light of the place as a share of the least that the genus wants, 0..1. */
  readonly lightShare: number;
  /** Share of the roots that live, 0..1. */
  readonly liveRootShare: number;
}

export interface GrowthClock {
  /** Years of growth made in so many years. */
  readonly growthYears: (years: number) => number;
  /** Years in which so many years of growth are made. */
  readonly years: (growthYears: number) => number;
}

/** Everything as the genus is used to: a year is a year of growth, in every part of it. */
export const steadyClock: GrowthClock = { growthYears: (years) => years, years: (growthYears) => growthYears };

/** Share of its pace that a plant keeps in so much light: little less costs little, half costs a quarter. */
export function paceInLight(lightShare: number): number {
  const lacking = 1 - Math.min(1, Math.max(0, lightShare));
  return 1 - (1 - k.LEAST_PACE_IN_SHADE) * lacking * lacking;
}

/** Share of its pace that a plant keeps in its first year, by the share of its roots that live. */
export function paceByRoots(liveRootShare: number): number {
  const sound = (liveRootShare - k.ROOTS_FEW_SHARE) / (k.ROOTS_ENOUGH_SHARE - k.ROOTS_FEW_SHARE);
  return k.LEAST_PACE_BY_ROOTS + (1 - k.LEAST_PACE_BY_ROOTS) * Math.min(1, Math.max(0, sound));
}

export function growthClock({ monthIndex, restMonths, lightShare, liveRootShare }: GrowingConditions): GrowthClock {
  const growing = MONTHS - restMonths.length;
  const byLight = paceInLight(lightShare);
  const firstYear = paceByRoots(liveRootShare);
  /** Growth of a month, as a share of a usual year's; month 0 = the one in which it is potted. */
  const ofMonth = (month: number): number => {
    if (restMonths.includes((monthIndex + month) % MONTHS)) return 0;
    const year = Math.floor(month / MONTHS);
    const byRoots = year === 0 ? firstYear : year === 1 ? (1 + firstYear) / 2 : 1;
    return (byLight * byRoots) / growing;
  };
  return {
    growthYears: (years) => {
      const months = years * MONTHS;
      let grown = 0;
      for (let month = 0; month < months; month += 1) grown += Math.min(1, months - month) * ofMonth(month);
      return grown;
    },
    years: (growthYears) => {
      if (!Number.isFinite(growthYears)) return growthYears;
      let left = growthYears;
      let month = 0;
      while (left > ofMonth(month) && month < k.MOST_YEARS * MONTHS) {
        left -= ofMonth(month);
        month += 1;
      }
      const here = ofMonth(month);
      return (month + (here > 0 ? Math.min(1, left / here) : 0)) / MONTHS;
    },
  };
}
