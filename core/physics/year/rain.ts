/**
 * Rain comes in runs. On a day after a dry one it begins with the chance 0.75 f, f being the share of rain days, and
 * on a day after a wet one it goes on with 0.25 + 0.75 f (Geng, Penning de Vries & Supit 1986), so that a dry spell lasts
 * 1/(0.75 f) days and a wet one 1/(0.75 (1 - f)) on average. No dice are thrown: spells of just these lengths follow each
 * other, on a clock that does not stop at midnight, so that a little more rain never moves a whole day.
 */
import { k } from './constants';

/** Rain of each day of a month, mm. rainDays may be any number up to the days of the month. */
export function rainOfMonth(days: number, rainMm: number, rainDays: number): readonly number[] {
  if (rainMm <= 0 || rainDays <= 0) return Array.from({ length: days }, () => 0);
  const share = Math.min(1, rainDays / days);
  const wetDays = wetSpellDays(share, days);
  const dryDays = (wetDays * (1 - share)) / share;
  const wet = Array.from({ length: days }, () => 0);
  // The month opens half way through a dry spell; one that outlasts it has its rain in the middle.
  for (let from = Math.min(dryDays, days - wetDays) / 2; from < days; from += wetDays + dryDays) {
    const to = Math.min(days, from + wetDays);
    for (let day = Math.floor(from); day < to; day += 1) {
      wet[day] = wet[day]! + Math.min(to, day + 1) - Math.max(from, day);
    }
  }
  const total = wet.reduce((sum, part) => sum + part, 0);
  return wet.map((part) => (rainMm * part) / total);
}

/** Mean length of a wet spell, days; all of the month where it always rains. */
function wetSpellDays(share: number, days: number): number {
  return Math.min(days, 1 / (k.RAIN_FOLLOWS_RAIN * Math.max(1 - share, 1 / (k.RAIN_FOLLOWS_RAIN * days))));
}
