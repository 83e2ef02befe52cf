/** How one plant grows beside its kind, in a sentence (growth/own-pace). */
import type { MeasuredPace } from '../growth';
import { cm, number, type WordUnits } from './phrasing/format';

export function wordMeasuredPace(
  { rhizomeStepCm: step, shootsPerYear: pace, newShoots, years }: MeasuredPace,
  units: WordUnits,
): string {
  const seen = `${newShoots} new ${newShoots === 1 ? 'shoot' : 'shoots'} in ${number(years, 1)} ${years === 1 ? 'year' : 'years'}`;
  return `Its own pace, from ${seen}: a step of ${cm(step.value, units)} ± ${cm(step.spread, units)} (its kind ${cm(step.usual, units)}), ${number(pace.value, 1)} ± ${number(pace.spread, 1)} shoots a year (its kind ${number(pace.usual, 1)}).`;
}
