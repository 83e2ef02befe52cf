/** Everything about a case that all of its setups share, worked out once. */
import { meanAir, yearDrying, type MonthDrying, type Place } from '../air';
import type { ResolvedCase } from '../case';
import { drinkerOf, type PlantInHand } from '../plants';
import { longestGapDays, regimeFigures, type Drinker, type RegimeFigures, type Routine } from '../drydown';

export interface Climate {
  readonly year: readonly MonthDrying[];
  readonly meanHumidityPct: number;
  readonly leastHumidityPct: number;
  readonly coldestC: number;
  readonly warmestC: number;
  readonly hasRain: boolean;
}

export interface CaseContext {
  readonly plant: PlantInHand;
  readonly place: Place;
  readonly routine: Routine;
  readonly gapDays: number | null;
  readonly regime: RegimeFigures;
  readonly climate: Climate;
  readonly drinker: Drinker;
  readonly resolved: ResolvedCase;
}

export function climateOf(place: Place): Climate {
  const means = place.months.map(meanAir);
  const humidities = means.map((air) => air.relativeHumidityPct);
  return {
    year: yearDrying(place),
    meanHumidityPct: humidities.reduce((sum, value) => sum + value, 0) / humidities.length,
    leastHumidityPct: Math.min(...humidities),
    coldestC: Math.min(...place.months.map((month) => Math.min(month.day.temperatureC, month.night.temperatureC))),
    warmestC: Math.max(...place.months.map((month) => Math.max(month.day.temperatureC, month.night.temperatureC))),
    hasRain: place.months.some((month) => month.rainMm > 0),
  };
}

export function contextOf(resolved: ResolvedCase): CaseContext {
  return {
    plant: resolved.plant,
    place: resolved.place,
    routine: resolved.routine,
    gapDays: longestGapDays(resolved.routine),
    regime: regimeFigures[resolved.plant.genus.regime],
    climate: climateOf(resolved.place),
    drinker: drinkerOf(resolved.plant),
    resolved,
  };
}
