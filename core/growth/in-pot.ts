/** What becomes of plants in one pot: how they stand there, for how long, and how likely. */
import type { PotShape } from '../physics/pots';
import type { Forecast } from './forecast';
import type { PlantPlacement } from './map';
import { oriented } from './oriented';
import { placementKind, type PlacementKind } from './position';

/** A pot as growth sees it: its inside at the rim, the diameter or the side of a square. */
export interface Rim {
  readonly shape: PotShape;
  readonly widthCm: number;
}

/** How long growth stays inside the rim. */
export interface StaysInside {
  /** Years with the certainty asked for. */
  readonly years: number;
  /** Longer than is followed. */
  readonly isBeyond: boolean;
  /** Share of futures still inside after each of the told years, 0..1. */
  readonly chances: readonly number[];
}

export interface GrowthInPot extends Rim, StaysInside {
  readonly position: PlacementKind;
  /** Each plant's ball from the middle of the pot, and by how much the plant is turned. */
  readonly stands: readonly PlantPlacement[];
}

/** Years after which the chance of being inside is told. */
export const shownYears: readonly number[] = [1, 2, 3, 4];

/** stands: null = as they stand best, growth drawn to the right. */
export function growthInPot(
  forecast: Forecast,
  { shape, widthCm }: Rim,
  stands: readonly PlantPlacement[] | null,
): GrowthInPot {
  const plants = forecast.planted.map(({ plant }) => plant);
  const stood = stands ?? oriented(plants, forecast.bestIn(shape, widthCm).stands, shape);
  const { years, isBeyond } = forecast.standing(shape, widthCm, stood);
  return {
    shape,
    widthCm,
    position: placementKind(plants, stood, shape, widthCm),
    stands: stood,
    years,
    isBeyond,
    chances: shownYears.map((after) => forecast.chanceInside(shape, widthCm, stood, after)),
  };
}
