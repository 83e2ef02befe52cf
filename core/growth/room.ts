/**
 * How wide a pot must be for plants that stand in it in a given way, in each of their futures; and which way of standing needs
 * the least. Inside the pot: every tip by a margin, every ball with a finger round it, old bulbs up to the wall. A tip that
 * comes too near to another plant's shoots counts by how much too near it comes.
 */
import type { PotShape } from '../physics/pots';
import { k } from './constants';
import { RAD, type PlantPlacement } from './map';
import type { Reach } from './reach';

/** Half of what is needed in one future, from the middle of the pot to its wall, cm. */
type HalfWidth = (x: number, y: number) => number;

const halfRound: HalfWidth = (x, y) => Math.sqrt(x * x + y * y);
const halfSquare: HalfWidth = (x, y) => Math.max(Math.abs(x), Math.abs(y));
export const halfOf: Readonly<Record<PotShape, HalfWidth>> = { round: halfRound, square: halfSquare };

export interface Ask {
  readonly reaches: readonly Reach[];
  readonly shape: PotShape;
  /** Share of futures that must find room, 0..1. */
  readonly certainty: number;
  /** What the plants keep from each other, cm. */
  readonly clearCm: number;
}

/** Middle of the values about a share of them, so that one future more or less makes no step. */
function quantileOf(values: Float64Array, share: number): number {
  values.sort();
  const at = share * (values.length - 1);
  const low = Math.floor(at);
  const high = Math.min(values.length - 1, low + 1);
  return values[low]! + (at - low) * (values[high]! - values[low]!);
}

/** What a plant needs by itself, lying so in the pot; and where its points lie, where there is another to come near to. */
interface Lying {
  readonly reach: Reach;
  readonly stand: PlantPlacement;
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Half of what tips and ball need in each future, cm. */
  readonly needed: Float64Array;
  /** Half of what its old bulbs need, cm. */
  readonly bulbsCm: number;
}

/** How far from the pot's middle the farthest of some points lies, turned and moved; 0 without any. */
type Farthest = (
  x: Float64Array,
  y: Float64Array,
  from: number,
  to: number,
  sin: number,
  cos: number,
  stand: PlantPlacement,
) => number;

// A search looks at millions of points: each shape has a loop of its own, without a call in it.
const farthestRound: Farthest = (x, y, from, to, sin, cos, { xCm, yCm }) => {
  let most = 0;
  for (let n = from; n < to; n += 1) {
    const px = xCm + x[n]! * cos - y[n]! * sin;
    const py = yCm + x[n]! * sin + y[n]! * cos;
    const square = px * px + py * py;
    if (square > most) most = square;
  }
  return Math.sqrt(most);
};

const farthestSquare: Farthest = (x, y, from, to, sin, cos, { xCm, yCm }) => {
  let most = 0;
  for (let n = from; n < to; n += 1) {
    const px = Math.abs(xCm + x[n]! * cos - y[n]! * sin);
    const py = Math.abs(yCm + x[n]! * sin + y[n]! * cos);
    if (px > most) most = px;
    if (py > most) most = py;
  }
  return most;
};

const farthestOf: Readonly<Record<PotShape, Farthest>> = { round: farthestRound, square: farthestSquare };

const NOWHERE = new Float64Array(0);

/** Where the points of a plant lie in the pot. */
function laidOut(reach: Reach, stand: PlantPlacement, sin: number, cos: number): Pick<Lying, 'x' | 'y'> {
  const [x, y] = [new Float64Array(reach.x.length), new Float64Array(reach.x.length)];
  for (let n = 0; n < x.length; n += 1) {
    x[n] = stand.xCm + reach.x[n]! * cos - reach.y[n]! * sin;
    y[n] = stand.yCm + reach.x[n]! * sin + reach.y[n]! * cos;
  }
  return { x, y };
}

function lyingOf(reach: Reach, stand: PlantPlacement, shape: PotShape, isAlone: boolean): Lying {
  const needed = new Float64Array(reach.count);
  const [cos, sin] = [Math.cos(stand.turnDeg * RAD), Math.sin(stand.turnDeg * RAD)];
  const farthest = farthestOf[shape];
  const toBall = halfOf[shape](stand.xCm, stand.yCm);
  for (let life = 0; life < reach.count; life += 1) {
    const most = farthest(reach.x, reach.y, reach.starts[life]!, reach.starts[life + 1]!, sin, cos, stand);
    const tips = most > 0 ? most + k.WALL_MARGIN_CM : 0;
    needed[life] = Math.max(tips, toBall + reach.ballCm[life]!);
  }
  const bulbs = farthest(reach.bulbX, reach.bulbY, 0, reach.bulbX.length, sin, cos, stand);
  return {
    reach,
    stand,
    ...(isAlone ? { x: NOWHERE, y: NOWHERE } : laidOut(reach, stand, sin, cos)),
    needed,
    bulbsCm: reach.bulbX.length > 0 ? bulbs + k.BULB_RADIUS_CM : 0,
  };
}

const radiusOf = (reach: Reach): number => reach.ballCm[0]! - k.BALL_MARGIN_CM;

/** What two plants lack of the room between them. */
interface Between {
  /** Of their balls, cm. */
  readonly squeezedCm: number;
  /** Of what they have grown in each future, cm. */
  readonly tooNearCm: Float64Array;
}

/** The least distance between what two plants have grown in one future, cm. */
function nearest(a: Lying, b: Lying, life: number): number {
  let least = Infinity;
  for (let i = a.reach.sampleStarts[life]!; i < a.reach.sampleStarts[life + 1]!; i += 1) {
    const n = a.reach.sample[i]!;
    const [ax, ay] = [a.x[n]!, a.y[n]!];
    for (let j = b.reach.sampleStarts[life]!; j < b.reach.sampleStarts[life + 1]!; j += 1) {
      const m = b.reach.sample[j]!;
      const dx = ax - b.x[m]!;
      const dy = ay - b.y[m]!;
      const square = dx * dx + dy * dy;
      if (square < least) least = square;
    }
  }
  return Math.sqrt(least);
}

function betweenOf(one: Lying, other: Lying, clearCm: number): Between {
  const apart = Math.hypot(one.stand.xCm - other.stand.xCm, one.stand.yCm - other.stand.yCm);
  const wanted = k.BALLS_APART_SHARE * (radiusOf(one.reach) + radiusOf(other.reach));
  const tooNearCm = new Float64Array(one.reach.count);
  for (let life = 0; life < tooNearCm.length; life += 1) {
    tooNearCm[life] = Math.max(0, clearCm - nearest(one, other, life));
  }
  return { squeezedCm: Math.max(0, wanted - apart), tooNearCm };
}

/** Plants standing in a pot, and what they need there. */
export interface Stood {
  readonly stands: readonly PlantPlacement[];
  /** Inside width of the pot that they need, cm. */
  readonly widthCm: number;
  readonly lying: readonly Lying[];
  /** Of each two plants, in the order of pairs. */
  readonly between: readonly Between[];
}

/** What is known already of another way of standing; isTogether: all were moved as one, so that nothing changed between them. */
interface Known {
  readonly before: Stood;
  readonly isTogether: boolean;
}

/** Plants that stand as before are not looked at again: most of a search moves one of several. */
export function placedSo(
  { reaches, shape, certainty, clearCm }: Ask,
  stands: readonly PlantPlacement[],
  known?: Known,
): Stood {
  const before = known?.before;
  const lying = reaches.map((reach, plant) => {
    const was = before?.lying[plant];
    return was && was.stand === stands[plant] ? was : lyingOf(reach, stands[plant]!, shape, reaches.length === 1);
  });
  const between: Between[] = [];
  for (let a = 0; a < lying.length; a += 1) {
    for (let b = a + 1; b < lying.length; b += 1) {
      const [one, other] = [lying[a]!, lying[b]!];
      const isSame = before && (known.isTogether || (before.lying[a] === one && before.lying[b] === other));
      between.push(isSame ? before.between[between.length]! : betweenOf(one, other, clearCm));
    }
  }
  const needed = new Float64Array(reaches[0]!.count);
  for (let life = 0; life < needed.length; life += 1) {
    let most = 0;
    for (const one of lying) most = Math.max(most, one.needed[life]!);
    for (const pair of between) most += pair.tooNearCm[life]!;
    needed[life] = most;
  }
  const squeezedCm = between.reduce((sum, pair) => sum + pair.squeezedCm, 0);
  const bulbsCm = Math.max(...lying.map((one) => one.bulbsCm));
  // Two balls cannot lie in one place: what they overlap counts from both.
  const widthCm = 2 * (Math.max(bulbsCm, quantileOf(needed, certainty)) + 2 * squeezedCm);
  return { stands, widthCm, lying, between };
}

/** Inside width of the pot that the plants need, standing so, cm. */
export function widthNeededBy(ask: Ask, stands: readonly PlantPlacement[]): number {
  return placedSo(ask, stands).widthCm;
}
