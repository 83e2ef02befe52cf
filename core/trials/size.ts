/**
 * How many plants on each side it takes to see a difference of a size: for means the normal approximation with the correction for small
 * groups (Cohen 1988; Guenther 1981), for shares that of J. L. Fleiss, Statistical Methods for Rates and Proportions, 2nd ed. 1981 (both
 * from memory). Assumed: plants chosen by lot, each by itself, spreads alike on both sides.
 */
import jstat from 'jstat';
import { k } from './constants';

const z = (share: number): number => jstat.normal.inv(share, 0, 1);
const zAlpha = (): number => z(1 - k.ALPHA * k.HALF);
const zPower = (): number => z(k.POWER);

/** spread: of one plant from another, within a side. */
export function plantsForMeans(difference: number, spread: number): number {
  const ratio = spread / Math.abs(difference);
  const plants = 2 * ((zAlpha() + zPower()) * ratio) ** 2 + zAlpha() ** 2 * k.QUARTER;
  return Math.min(k.MOST_PLANTS, Math.max(k.LEAST_PLANTS, Math.ceil(plants)));
}

export function plantsForShares(one: number, other: number): number {
  const middle = (one + other) / 2;
  const together = zAlpha() * Math.sqrt(2 * middle * (1 - middle));
  const apart = zPower() * Math.sqrt(one * (1 - one) + other * (1 - other));
  const plants = ((together + apart) / (one - other)) ** 2;
  return Math.min(k.MOST_PLANTS, Math.max(k.LEAST_PLANTS, Math.ceil(plants)));
}

/** The smallest difference of means that so many plants on each side show. */
export function differenceSeen(plants: number, spread: number): number {
  const room = Math.max(1, plants - zAlpha() ** 2 * k.QUARTER);
  return (zAlpha() + zPower()) * spread * Math.sqrt(2 / room);
}
