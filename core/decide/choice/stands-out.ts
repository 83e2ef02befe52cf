/** What each setup on the shelf is there for: the one thing in which it leads the others shown. */
import type { DryingTime } from '../../physics/drydown';
import { daysOf } from '../../physics/drydown';
import type { Costs, Shares } from './score';

export type StandsOut =
  | 'best all round'
  | 'as it is, larger'
  | 'least work'
  | 'forgives a late week'
  | 'forgives an early hand'
  | 'cheapest'
  | 'lasts longest'
  | 'most air'
  | 'waits longest'
  | 'dries soonest'
  | 'next best';

export interface Standing {
  readonly isAsItIs: boolean;
  readonly shares: Shares;
  readonly costs: Costs;
  readonly airAfterWatering: number;
  readonly lifeYears: number;
  readonly pricePerYear: number;
  readonly minutesPerWeek: number;
  readonly daysByMonth: readonly DryingTime[];
}

/** The measure in which a lead counts, more being better, and how much of a lead there must be. */
const leads: readonly (readonly [StandsOut, (one: Standing) => number, number])[] = [
  ['forgives a late week', ({ shares }) => shares['forgives a late week'], 0.02],
  ['least work', ({ minutesPerWeek }) => -minutesPerWeek, 0.1],
  ['cheapest', ({ pricePerYear }) => -pricePerYear, 0.05],
  ['lasts longest', ({ lifeYears }) => lifeYears, 0.5],
  ['most air', ({ airAfterWatering }) => airAfterWatering, 0.02],
  ['waits longest', ({ daysByMonth }) => Math.min(...daysByMonth.map(daysOf)), 0.5],
  ['dries soonest', ({ daysByMonth }) => -Math.max(...daysByMonth.map(daysOf)), 0.5],
  ['forgives an early hand', ({ shares }) => shares['forgives an early hand'], 0.02],
];

/** For setups in the order of the shelf; each reason is given once. */
export function standOuts(ranked: readonly Standing[]): readonly StandsOut[] {
  const found: (StandsOut | null)[] = ranked.map(({ isAsItIs }, i) =>
    isAsItIs ? 'as it is, larger' : i === 0 ? 'best all round' : null,
  );
  for (const [reason, measure, margin] of leads) {
    // The leader of the shelf has its word already: the others are measured against each other.
    const open = ranked.map(measure).map((value, i) => (found[i] === null ? value : -Infinity));
    const best = Math.max(...open);
    if (!Number.isFinite(best)) continue;
    const second = [...open].sort((a, b) => b - a)[1] ?? -Infinity;
    if (best - second >= margin) found[open.indexOf(best)] = reason;
  }
  return found.map((reason) => reason ?? 'next best');
}
