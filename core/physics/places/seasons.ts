/** The months in which a place offers least: by day length, and near the equator by damp. */
import { k } from './constants';
import { meanAir, type Place } from './place';

/** The run of so many months, over the turn of the year too, in which the values add up to least; in order, 0 = January. */
function leastRun(values: readonly number[], count: number): readonly number[] {
  const runs = values.map((_, first) => Array.from({ length: count }, (_unused, i) => (first + i) % values.length));
  const sums = runs.map((run) => run.reduce((sum, month) => sum + values[month]!, 0));
  return runs[sums.indexOf(Math.min(...sums))]!;
}

const rangeOf = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

/**
 * The darkest months of a place, so many on end; where days are all alike, the driest; where those are too, none: no
 * season tells a plant there to rest (common practice, no source: at the equator there are wet and dry months).
 */
export function leanMonths(place: Place, count: number): readonly number[] {
  const lightHours = place.months.map((month) => month.lightHours);
  if (rangeOf(lightHours) >= k.SEASON_LIGHT_H) return leastRun(lightHours, count);
  const humidities = place.months.map((month) => meanAir(month).relativeHumidityPct);
  return rangeOf(humidities) >= k.SEASON_HUMIDITY_POINTS ? leastRun(humidities, count) : [];
}
