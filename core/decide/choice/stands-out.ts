/** What each setup on the shelf is there for: the one thing in which it leads the others, or at least the first. */
import { daysOf, type DryingTime } from '../../physics/drydown';
import type { Costs, Shares } from './score';

/** Measures in which setups differ, each with a word for leading all and one for leading the first. */
export type Lead = 'late week' | 'work' | 'price' | 'life' | 'air' | 'waits' | 'dries' | 'early hand';

export type StandsOut =
  | { readonly code: 'best all round' | 'as it is, larger' | 'next best' }
  | { readonly code: 'leads all' | 'leads the first'; readonly in: Lead };

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

interface Measure {
  readonly in: Lead;
  /** More is better. */
  readonly of: (one: Standing) => number;
  /** What counts as a lead, in the same unit. */
  readonly margin: number;
}

const measures: readonly Measure[] = [
  { in: 'late week', of: ({ shares }) => shares['forgives a late week'], margin: 0.02 },
  { in: 'work', of: ({ minutesPerWeek }) => -minutesPerWeek, margin: 0.1 },
  { in: 'price', of: ({ pricePerYear }) => -pricePerYear, margin: 0.1 },
  { in: 'life', of: ({ lifeYears }) => lifeYears, margin: 0.5 },
  { in: 'air', of: ({ airAfterWatering }) => airAfterWatering, margin: 0.02 },
  { in: 'waits', of: ({ daysByMonth }) => Math.min(...daysByMonth.map(daysOf)), margin: 0.5 },
  { in: 'dries', of: ({ daysByMonth }) => -Math.max(...daysByMonth.map(daysOf)), margin: 0.5 },
  { in: 'early hand', of: ({ shares }) => shares['forgives an early hand'], margin: 0.02 },
];

/** In what a setup leads the first of the shelf most, in margins; nothing where it leads in nothing. */
function overTheFirst(one: Standing, first: Standing): StandsOut {
  const led = measures
    .map((measure) => ({ in: measure.in, by: (measure.of(one) - measure.of(first)) / measure.margin }))
    .sort((a, b) => b.by - a.by)[0]!;
  return led.by >= 1 ? { code: 'leads the first', in: led.in } : { code: 'next best' };
}

/** For setups in the order of the shelf. Each lead over all is given once. */
export function standOuts(ranked: readonly Standing[]): readonly StandsOut[] {
  const found: (StandsOut | null)[] = ranked.map(({ isAsItIs }, i) => {
    if (isAsItIs) return { code: 'as it is, larger' };
    return i === 0 ? { code: 'best all round' } : null;
  });
  for (const measure of measures) {
    // What has its word already is out: the others are measured against each other.
    const open = ranked.map(measure.of).map((value, i) => (found[i] === null ? value : -Infinity));
    const best = Math.max(...open);
    if (!Number.isFinite(best)) continue;
    const second = [...open].sort((a, b) => b - a)[1] ?? -Infinity;
    if (best - second >= measure.margin) found[open.indexOf(best)] = { code: 'leads all', in: measure.in };
  }
  return found.map((reason, i) => reason ?? overTheFirst(ranked[i]!, ranked[0]!));
}
