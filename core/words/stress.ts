/** The plant's stresses and days in words a grower uses. */
import type { StressKind } from '../physics/stress';
import { number } from './phrasing/format';

export const stressNames: Readonly<Record<StressKind, string>> = {
  air: 'lack of air',
  drought: 'drought',
  heat: 'heat',
  cold: 'cold',
  salt: 'salts',
};

/** What each looks like at the pot, in one word for narrow places. */
export const stressMarks: Readonly<Record<StressKind, string>> = {
  air: 'wet',
  drought: 'dry',
  heat: 'hot',
  cold: 'cold',
  salt: 'salty',
};

/** What a grower can do about each. */
export const stressRemedies: Readonly<Record<StressKind, string>> = {
  air: 'Watering less often, a coarser grade or a smaller pot gives the roots air.',
  drought: 'Watering more often, a soak instead of a pour, or a setup that holds more keeps it from drying out.',
  heat: 'No pot makes up for heat: a cooler place does, and clay takes off a little.',
  cold: 'No pot makes up for cold: a warmer place does, and keeping it drier helps.',
  salt: 'Purer water, weaker feed and a flush now and then carry the salts out.',
};

export type DayKind = 'fine' | 'watch' | 'harm';

/** A month or a year by its days: harm from a tenth of them on, to watch from a quarter on that are not fine. */
export function dayKindOf(fineDays: number, watchDays: number, harmDays: number): DayKind {
  const all = fineDays + watchDays + harmDays;
  if (harmDays > all * HARM_FROM) return 'harm';
  return watchDays + harmDays > all * WATCH_FROM ? 'watch' : 'fine';
}

interface DayCounts {
  readonly fineDays: number;
  readonly watchDays: number;
  readonly harmDays: number;
  readonly worst: StressKind;
}

/** A count of days with a sign of its own for each kind, so that colour is never needed. */
export function daysText({ fineDays, watchDays, harmDays }: DayCounts): string {
  return `● ${number(fineDays, 0)} fine · ◐ ${number(watchDays, 0)} to watch · ▲ ${number(harmDays, 0)} harm`;
}

/** The same with what it comes from, where there is anything to come from. */
export function daysWithCause(counts: DayCounts): string {
  const cause = counts.fineDays >= DAYS_FOR_A_CAUSE * allDays(counts) ? '' : `, mostly ${stressNames[counts.worst]}`;
  return `${daysText(counts)}${cause}`;
}

/** The shortest word for a month: good, or what is wrong with it. */
/** isResting: a month in which the plant rests; that is said while nothing harms it. */
export function monthMark(counts: DayCounts, isResting = false): { readonly kind: DayKind; readonly text: string } {
  const kind = dayKindOf(counts.fineDays, counts.watchDays, counts.harmDays);
  const word = stressMarks[counts.worst];
  return { kind, text: { fine: isResting ? '● rests' : '● good', watch: `◐ ${word}`, harm: `▲ ${word}` }[kind] };
}

function allDays({ fineDays, watchDays, harmDays }: DayCounts): number {
  return fineDays + watchDays + harmDays;
}

/** With more fine days than this nothing weighs enough to be named. */
const DAYS_FOR_A_CAUSE = 0.99;
const HARM_FROM = 0.1;
const WATCH_FROM = 0.25;
