/** What becomes of plants in one pot: how they stand there, for how long, and how likely. */
import type { PotShape } from '../physics/pots';
import type { Forecast } from './forecast';
import type { Stand } from './map';
import { oriented } from './oriented';
import { standKind, type StandKind } from './position';

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
  readonly position: StandKind;
  /** Each plant's ball from the middle of the pot, and by how much the plant is turned. */
  readonly stands: readonly Stand[];
}

/** Years after which the chance of being inside is told. */
export const toldYears: readonly number[] = [1, 2, 3, 4];

/** stands: null = as they stand best, growth drawn to the right. */
export function growthInPot(forecast: Forecast, { shape, widthCm }: Rim, stands: readonly Stand[] | null): GrowthInPot {
  const plants = forecast.planted.map(({ plant }) => plant);
  const stood = stands ?? oriented(plants, forecast.bestIn(shape, widthCm).stands, shape);
  const { years, isBeyond } = forecast.standing(shape, widthCm, stood);
  return {
    shape,
    widthCm,
    position: standKind(plants, stood, shape, widthCm),
    stands: stood,
    years,
    isBeyond,
    chances: toldYears.map((after) => forecast.chanceInside(shape, widthCm, stood, after)),
  };
}
