/** A heat wave tried on top of a place: warmer air with the same vapour in it, so drier. */
import { relativeHumidityAtPct } from '../air';
import type { HalfDayAir, Place } from './place';

function warmed(air: HalfDayAir, byC: number): HalfDayAir {
  return {
    temperatureC: air.temperatureC + byC,
    relativeHumidityPct: Math.max(
      1,
      relativeHumidityAtPct(air.temperatureC, air.relativeHumidityPct, air.temperatureC + byC),
    ),
  };
}

export function withHeatWave(place: Place, monthIndices: readonly number[], byC: number): Place {
  return {
    ...place,
    name: `${place.name}, ${byC > 0 ? '+' : ''}${byC} °C`,
    months: place.months.map((month, i) =>
      monthIndices.includes(i) ? { ...month, day: warmed(month.day, byC), night: warmed(month.night, byC) } : month,
    ),
  };
}
