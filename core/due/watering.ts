/**
 * When a pot wants water again: from its days between waterings month by month, as reckoned, and from what a finger found. The
 * pot's own factor on the reckoned days is a log-normal belief about 1, corrected by each finding (conjugate normal on
 * ln(factor), known spread: any textbook of Bayesian statistics; the spreads are from memory).
 */
import { dayNumber, dayOf, monthAt } from '../base';
import { k } from './constants';

export const feltWhenWatering = ['still wet', 'just right', 'dry'] as const;
export type Felt = (typeof feltWhenWatering)[number];

/** What was felt, so many days after the watering before, against the days that were reckoned. */
export interface Finding {
  readonly felt: Felt;
  readonly afterDays: number;
  readonly reckonedDays: number;
}

export interface PlantFactor {
  /** Times the reckoned days. */
  readonly factor: number;
  /** ln: two times in three within this much of it. */
  readonly spread: number;
}

const steps: Readonly<Record<Felt, number>> = { 'still wet': k.FELT_STEP, 'just right': 0, dry: -k.FELT_STEP };

/** What a pot's own findings say of it; without any, that it dries as reckoned. */
export function plantFactorOf(findings: readonly Finding[]): PlantFactor {
  const prior = 1 / k.FACTOR_SPREAD ** 2;
  const each = 1 / k.FELT_SPREAD ** 2;
  const usable = findings.filter(({ afterDays, reckonedDays }) => afterDays > 0 && reckonedDays > 0);
  const sum = usable.reduce(
    (total, { felt, afterDays, reckonedDays }) => total + Math.log(afterDays / reckonedDays) + steps[felt],
    0,
  );
  const precision = prior + each * usable.length;
  return { factor: Math.exp((each * sum) / precision), spread: 1 / Math.sqrt(precision) };
}

export interface NextWatering {
  /** YYYY-MM-DD */
  readonly on: string;
  readonly days: number;
}

/** A pot may dry over the end of a month: each month's days dry their share of the days it takes in that month. waterDays: January first. */
export function nextWatering(wateredOn: string, waterDays: readonly number[], factor: number): NextWatering {
  const from = dayNumber(wateredOn);
  let dried = 0;
  let day = from;
  for (;;) {
    const { monthIndex, nextAt } = monthAt(day);
    const daysHere = Math.max(k.BOTTOM_DAYS, factor * waterDays[monthIndex]!);
    const left = (1 - dried) * daysHere;
    if (day + left <= nextAt) {
      day += left;
      break;
    }
    dried += (nextAt - day) / daysHere;
    day = nextAt;
  }
  const days = day - from;
  return { on: dayOf(from + Math.round(days)), days };
}
