/**
 * What becomes of plants in pots: how wide a pot must be for so many years, where in a pot they stand best, and how likely they
 * are still inside it after each year.
 */
import type { PotShape } from '../physics/pots';
import { type GrowthClock } from './clock';
import { k, rungYears } from './constants';
import { futuresOf } from './futures';
import { certainYears, growthYearsInside, shareInside } from './inside';
import { ladderInSteps, ladderOf, type Planted, type Rung } from './ladder';
import type { MappedPlant, PlantPlacement } from './map';
import type { Stride } from './stride';

export interface GrowthQuestion {
  /** One to three plants of one kind, each in a frame of its own. */
  readonly plants: readonly MappedPlant[];
  readonly stride: Stride;
  readonly clock: GrowthClock;
  /** Share of the futures that are to stay inside, 0..1. */
  readonly certainty: number;
  readonly seed: number;
  /** Futures of each plant. */
  readonly lives: number;
}

/** Plants in a pot. */
export interface PlacementYears {
  readonly stands: readonly PlantPlacement[];
  /** Years that they stay inside with the certainty asked for. */
  readonly years: number;
  /** Beyond the years that are followed: it lasts longer than can be said. */
  readonly isBeyond: boolean;
}

export interface Forecast {
  readonly planted: readonly Planted[];
  readonly stride: Stride;
  readonly clock: GrowthClock;
  readonly certainty: number;
  /** Searches pots of a shape beforehand, step by step: of several plants it takes a while, and may be stopped. */
  readonly prepare: (shape: PotShape) => Generator<void, void>;
  /** Inside width of the narrowest pot that lasts so many years, cm. */
  readonly neededCm: (shape: PotShape, years: number) => number;
  /** Where they stand best in a pot of a width. */
  readonly bestIn: (shape: PotShape, widthCm: number) => PlacementYears;
  /** What another way of standing gives. */
  readonly standing: (shape: PotShape, widthCm: number, stands: readonly PlantPlacement[]) => PlacementYears;
  /** Share of futures that are still inside after so many years, 0..1. */
  readonly chanceInside: (shape: PotShape, widthCm: number, stands: readonly PlantPlacement[], years: number) => number;
}

/** Ways of standing that are remembered: a plan asks again and again about a few pots, a hand that moves a plant about never. */
const MOST_REMEMBERED = 200;

/** The same answer for the same question, as long as not too many are kept. */
function remembered<Answer>(answers: Map<string, Answer>, question: string, answer: () => Answer): Answer {
  const known = answers.get(question);
  if (known !== undefined) return known;
  if (answers.size >= MOST_REMEMBERED) answers.clear();
  const found = answer();
  answers.set(question, found);
  return found;
}

const MOST_GROWTH_YEARS = rungYears[rungYears.length - 1]!;

function blend(
  from: readonly PlantPlacement[],
  to: readonly PlantPlacement[],
  share: number,
): readonly PlantPlacement[] {
  return from.map((stand, plant) => {
    const other = to[plant]!;
    return {
      xCm: stand.xCm + share * (other.xCm - stand.xCm),
      yCm: stand.yCm + share * (other.yCm - stand.yCm),
      turnDeg: stand.turnDeg + share * (other.turnDeg - stand.turnDeg),
    };
  });
}

/** The rungs between which a value lies, and how far from the lower to the upper. */
function between(rungs: readonly Rung[], value: number, of: (rung: Rung) => number): readonly [Rung, Rung, number] {
  const upper = rungs.findIndex((rung) => of(rung) >= value);
  if (upper === 0) return [rungs[0]!, rungs[0]!, 0];
  const last = rungs[rungs.length - 1]!;
  if (upper < 0) return [last, last, 0];
  const [below, above] = [rungs[upper - 1]!, rungs[upper]!];
  const span = of(above) - of(below);
  return [below, above, span > 0 ? (value - of(below)) / span : 1];
}

export function forecastOf({ plants, stride, clock, certainty, seed, lives }: GrowthQuestion): Forecast {
  const planted = plants.map((plant, index) => ({
    plant,
    futures: futuresOf(plant, stride, { count: lives, years: MOST_GROWTH_YEARS, seed: seed + index }),
  }));
  const ladders = new Map<PotShape, readonly Rung[]>();
  const ladder = (shape: PotShape): readonly Rung[] => {
    const made = ladders.get(shape) ?? ladderOf(planted, shape, certainty);
    ladders.set(shape, made);
    return made;
  };
  const yearsInside = new Map<string, readonly number[]>();
  const insideOf = (shape: PotShape, widthCm: number, stands: readonly PlantPlacement[]): readonly number[] =>
    remembered(yearsInside, JSON.stringify([shape, widthCm, stands]), () =>
      growthYearsInside(planted, stands, shape, widthCm),
    );
  const standing = (shape: PotShape, widthCm: number, stands: readonly PlantPlacement[]): PlacementYears => {
    const inside = insideOf(shape, widthCm, stands);
    const growthYears = certainYears(inside, certainty, MOST_GROWTH_YEARS);
    return { stands, years: clock.years(growthYears), isBeyond: growthYears >= MOST_GROWTH_YEARS };
  };
  return {
    planted,
    stride,
    clock,
    certainty,
    *prepare(shape) {
      if (!ladders.has(shape)) ladders.set(shape, yield* ladderInSteps(planted, shape, certainty));
    },
    neededCm: (shape, years) => {
      const [below, above, share] = between(ladder(shape), clock.growthYears(years), (rung) => rung.years);
      return below.widthCm + share * (above.widthCm - below.widthCm);
    },
    bestIn: (shape, widthCm) => {
      const [below, above, share] = between(ladder(shape), widthCm, (rung) => rung.widthCm);
      return [above.stands, blend(below.stands, above.stands, share), below.stands]
        .map((stands) => standing(shape, widthCm, stands))
        .reduce((best, one) => (one.years > best.years + k.LEAST_YEARS_GAINED ? one : best));
    },
    standing,
    chanceInside: (shape, widthCm, stands, years) =>
      shareInside(insideOf(shape, widthCm, stands), clock.growthYears(years)),
  };
}
