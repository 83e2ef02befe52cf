/**
 * The room that plants need for more and more years of growth: a ladder of years, each with the width and the way of standing
 * that needs the least. A pot of a width lies between two rungs: so long it lasts.
 */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { PotShape } from '../physics/pots';
import { k, rungYears } from './constants';
import type { Future } from './futures';
import { leadingHeadingDeg, type MappedPlant, type PlantPlacement } from './map';
import { type Reach, reachOf } from './reach';
import { type Ask, widthNeededBy } from './room';
import { descend, type Found } from './search';

export interface Rung extends Found {
  /** Of growth. */
  readonly years: number;
}

export interface Planted {
  readonly plant: MappedPlant;
  readonly futures: readonly Future[];
}

const QUARTER_DEG = 90;

/** Beginnings without a rule in them: the middle, turned by equal parts; several plants somewhere about it. */
function beginnings(planted: readonly Planted[], shape: PotShape): readonly (readonly PlantPlacement[])[] {
  const first = planted[0]!.plant;
  if (planted.length === 1) {
    const count = shape === 'round' ? 1 : k.TURNS_BEGUN;
    const turns = Array.from({ length: count }, (_, n) => (QUARTER_DEG / count) * n);
    return turns.map((turn) => [{ xCm: 0, yCm: 0, turnDeg: turn - leadingHeadingDeg(first) }]);
  }
  const random = xoroshiro128plus(k.BEGINNINGS_SEED);
  const somewhere = (half: number) => half * (2 * uniformFloat64(random) - 1);
  return Array.from({ length: k.BEGINNINGS }, () =>
    planted.map(({ plant }) => ({
      xCm: somewhere(plant.ball.diameterCm),
      yCm: somewhere(plant.ball.diameterCm),
      turnDeg: somewhere(180) - leadingHeadingDeg(plant),
    })),
  );
}

/** What growing tips keep from another plant's, cm: as wide as the roots of one are. */
export function clearanceCm(planted: readonly Planted[]): number {
  if (planted.length === 1) return 0;
  const widths = planted.map(({ plant }) => plant.ball.diameterCm);
  return (k.CLEAR_SHARE * widths.reduce((sum, width) => sum + width, 0)) / widths.length;
}

const reachesOf = (planted: readonly Planted[], years: number, lives: number): readonly Reach[] =>
  planted.map(({ plant, futures }) => reachOf(plant, futures.slice(0, lives), years));

type AskAt = (years: number, lives: number) => Ask;

const narrowest = (found: readonly Found[], count: number): readonly Found[] =>
  [...found].sort((a, b) => a.widthCm - b.widthCm).slice(0, count);

/**
 * A rough look from all beginnings, for a few and for many years; what promises most is then followed closely down the ladder,
 * each rung from the best of these and of the rung above.
 */
function* climb(
  askAt: AskAt,
  starts: readonly (readonly PlantPlacement[])[],
  closely: Closely,
): Generator<void, readonly Rung[]> {
  const promising: Found[] = [];
  for (const years of [k.ROUGH_FEW_YEARS, k.ROUGH_MANY_YEARS]) {
    const ask = askAt(years, k.ROUGH_LIVES);
    const found: Found[] = [];
    for (const start of starts) {
      found.push(descend(ask, start, k.ROUGH_STEP_CM));
      yield;
    }
    promising.push(...narrowest(found, k.PROMISING));
  }
  const rungs: Rung[] = [];
  for (const years of [...rungYears].reverse()) {
    const ask = askAt(years, closely.lives);
    const from = [...promising, ...rungs.slice(0, 1)].map(({ stands }) => ({
      stands,
      widthCm: widthNeededBy(ask, stands),
    }));
    const begun = narrowest(from, 1)[0]!;
    rungs.unshift({ ...descend(ask, begun.stands, closely.lastStepCm), years });
    yield;
  }
  return rungs;
}

interface Closely {
  readonly lives: number;
  readonly lastStepCm: number;
}

/** Several plants cost more to look at, and nobody sets them to the millimetre. */
const closelyFor = (plants: number): Closely =>
  plants === 1
    ? { lives: Infinity, lastStepCm: k.LAST_STEP_CM }
    : { lives: k.SEVERAL_LIVES, lastStepCm: k.SEVERAL_STEP_CM };

/** Step by step: whoever climbs may stop between any two. certainty: share of futures that must find room, 0..1. */
export function ladderInSteps(
  planted: readonly Planted[],
  shape: PotShape,
  certainty: number,
): Generator<void, readonly Rung[]> {
  const clearCm = clearanceCm(planted);
  const askAt: AskAt = (years, lives) => ({ reaches: reachesOf(planted, years, lives), shape, certainty, clearCm });
  return climb(askAt, beginnings(planted, shape), closelyFor(planted.length));
}

export function ladderOf(planted: readonly Planted[], shape: PotShape, certainty: number): readonly Rung[] {
  const steps = ladderInSteps(planted, shape, certainty);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
