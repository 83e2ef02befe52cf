/** Everything about a case that all of its setups share, worked out once. */
import { DAYS_PER_YEAR, lazily, MONTHS_PER_YEAR } from '../../base';
import type { Forecast } from '../../growth';
import { growthOf } from './growing';
import { waterUseOf, type PlantInHand, type ResolvedCase, restMonthsOf } from '../../case';
import {
  HORIZON_DAYS,
  type PlantWaterUse,
  type Holiday,
  longestGapDays,
  type ModelDoubt,
  type Routine,
} from '../../physics/drydown';
import { type PlaceFit, placeFit } from '../place';
import type { AgeingConditions } from '../../physics/media';
import type { Feeding } from '../../physics/salt';
import { regimeFigures, type RegimeFigures, type RestWatering, restWateringOf } from '../../physics/stress';
import { type PieceShift, pieceShiftsOfCase } from './shifts';
import { dryingPowerMmPerDay, meanAir, type MonthDrying, type Place, yearDrying } from '../../physics/places';

export interface Climate {
  readonly year: readonly MonthDrying[];
  readonly meanC: number;
  readonly meanHumidityPct: number;
  readonly leastHumidityPct: number;
  readonly coldestC: number;
  readonly warmestC: number;
  readonly hasRain: boolean;
  /** The months that dry a pot fastest and slowest. */
  readonly hardestMonth: number;
  readonly mildestMonth: number;
}

export interface CaseContext {
  readonly plant: PlantInHand;
  readonly place: Place;
  readonly routine: Routine;
  readonly gapDays: number | null;
  readonly holiday: Holiday | null;
  readonly feeding: Feeding;
  /** What the media live through: the year's mean warmth, and how wet this plant is kept. */
  readonly ageing: AgeingConditions;
  readonly regime: RegimeFigures;
  readonly climate: Climate;
  /** Its months of rest in this place; null where it has none. */
  readonly rest: RestWatering | null;
  /** How the place suits the plant, whatever it is potted in. */
  readonly fit: PlaceFit;
  /** What becomes of it in pots: worked out when it is first asked for. */
  readonly growth: () => Forecast;
  /** Finer or larger pieces than roots alone ask for, by plant and place. */
  readonly pieceShifts: readonly PieceShift[];
  readonly drinker: PlantWaterUse;
  readonly resolved: ResolvedCase;
  /** Where the model is taken to be off; null = as it is. */
  readonly doubt: ModelDoubt | null;
}

export function climateOf(place: Place): Climate {
  const means = place.months.map(meanAir);
  const humidities = means.map((air) => air.relativeHumidityPct);
  const year = yearDrying(place);
  const power = year.map(dryingPowerMmPerDay);
  return {
    year,
    hardestMonth: power.indexOf(Math.max(...power)),
    mildestMonth: power.indexOf(Math.min(...power)),
    meanC: means.reduce((sum, air) => sum + air.temperatureC, 0) / means.length,
    meanHumidityPct: humidities.reduce((sum, value) => sum + value, 0) / humidities.length,
    leastHumidityPct: Math.min(...humidities),
    coldestC: Math.min(...place.months.map((month) => Math.min(month.day.temperatureC, month.night.temperatureC))),
    warmestC: Math.max(...place.months.map((month) => Math.max(month.day.temperatureC, month.night.temperatureC))),
    hasRain: place.months.some((month) => month.rainMm > 0),
  };
}

function restOf({ plant: { genus }, place }: ResolvedCase, regime: RegimeFigures): RestWatering | null {
  const months = restMonthsOf(genus, place);
  return genus.rest === 'none' || months.length === 0 ? null : restWateringOf(genus.rest, regime, months);
}

/** Days from one rain to the next in the driest month. */
function rainGapDays({ months }: Place): number {
  const leastRainDays = Math.min(...months.map((month) => month.rainDays));
  if (leastRainDays === 0) return HORIZON_DAYS;
  return Math.min(HORIZON_DAYS, Math.round(DAYS_PER_YEAR / MONTHS_PER_YEAR / leastRainDays));
}

export function contextOf(resolved: ResolvedCase, doubt: ModelDoubt | null = null): CaseContext {
  const regime = regimeFigures[resolved.plant.genus.regime];
  const climate = climateOf(resolved.place);
  const rest = restOf(resolved, regime);
  const fit = placeFit(resolved.plant.genus, resolved.place);
  return {
    plant: resolved.plant,
    place: resolved.place,
    routine: resolved.routine,
    gapDays: resolved.routine.kind === 'rain' ? rainGapDays(resolved.place) : longestGapDays(resolved.routine),
    holiday: resolved.holiday,
    feeding: resolved.feeding,
    doubt,
    ageing: { temperatureC: climate.meanC, wetness: meanWetness(regime) },
    regime,
    climate,
    rest,
    fit,
    growth: lazily(() =>
      growthOf({
        plant: resolved.plant,
        monthIndex: resolved.monthIndex,
        restMonths: rest?.months ?? [],
        fit,
        certainty: resolved.certainty,
      }),
    ),
    pieceShifts: pieceShiftsOfCase({ plant: resolved.plant, place: resolved.place, climate }),
    drinker: waterUseOf(resolved.plant),
    resolved,
  };
}

/** Between waterings a pot goes from full to the watering line; the middle of that is its mean. */
function meanWetness(regime: RegimeFigures): number {
  return (1 + regime.waterAtShare) / 2;
}
