/** What each setup on the shelf is there for: the one thing in which it leads the others, or at least the first. */
import { daysOf, type DryingTime } from '../../physics/drydown';
import type { Costs, Shares } from './score';

/** Measures in which setups differ, each with a word for leading all and one for leading the first. */
export type Lead = 'late week' | 'work' | 'price' | 'life' | 'air' | 'waits' | 'dries' | 'early hand';

export type Distinction =
  | { readonly code: 'best all round' | 'as it is, larger' | 'as it is, fresh mix' | 'next best' }
  | { readonly code: 'leads all' | 'leads the first'; readonly in: Lead };

export interface RankedSetup {
  readonly isAsItIs: boolean;
  /** No wider than the pot it stands in, where that is known. */
  readonly isNoWider: boolean;
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
  readonly of: (one: RankedSetup) => number;
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

/** In what a setup leads the first of the shelf: what has been said least, and of that the longest lead, in margins. */
function overTheFirst(one: RankedSetup, first: RankedSetup, said: Map<Lead, number>): Distinction {
  const led = measures
    .map((measure) => ({ in: measure.in, by: (measure.of(one) - measure.of(first)) / measure.margin }))
    .filter(({ by }) => by >= 1)
    .sort((a, b) => (said.get(a.in) ?? 0) - (said.get(b.in) ?? 0) || b.by - a.by)[0];
  if (!led) return { code: 'next best' };
  said.set(led.in, (said.get(led.in) ?? 0) + 1);
  return { code: 'leads the first', in: led.in };
}

/** For setups in the order of the shelf. Each lead over all is given once. */
export function distinctions(ranked: readonly RankedSetup[]): readonly Distinction[] {
  const kept = ranked.findIndex(({ isAsItIs }) => isAsItIs);
  const found: (Distinction | null)[] = ranked.map((_one, i) => {
    if (i === kept) return { code: ranked[i]!.isNoWider ? 'as it is, fresh mix' : 'as it is, larger' };
    return i === 0 ? { code: 'best all round' } : null;
  });
  const said = new Map<Lead, number>();
  for (const measure of measures) {
    // What has its word already is out: the others are measured against each other.
    const open = ranked.map(measure.of).map((value, i) => (found[i] === null ? value : -Infinity));
    const best = Math.max(...open);
    if (!Number.isFinite(best)) continue;
    const second = [...open].sort((a, b) => b - a)[1] ?? -Infinity;
    // The last one left leads nobody.
    if (!Number.isFinite(second) || best - second < measure.margin) continue;
    found[open.indexOf(best)] = { code: 'leads all', in: measure.in };
    said.set(measure.in, 1);
  }
  return found.map((reason, i) => reason ?? overTheFirst(ranked[i]!, ranked[0]!, said));
}
