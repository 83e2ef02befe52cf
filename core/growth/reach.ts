/** Where the tips of a plant have been after so many years, in all its futures. */
import { k } from './constants';
import type { Future } from './futures';
import { aboutBall, type MappedPlant } from './map';

/** Points of all futures one after the other, about the middle of the ball, cm. */
export interface Reach {
  readonly x: Float64Array;
  readonly y: Float64Array;
  /** Where the points of each future begin; one more than there are futures. */
  readonly starts: Int32Array;
  /** Of these, so many as are looked at for what comes near another plant; begun for each future likewise. */
  readonly sample: Int32Array;
  readonly sampleStarts: Int32Array;
  /** Half the ball with its margin, and what its ring of roots adds, in each future, cm. */
  readonly ballCm: Float64Array;
  /** Old bulbs: they may lean on the wall. */
  readonly bulbX: Float64Array;
  readonly bulbY: Float64Array;
  readonly count: number;
}

/** Positions evenly taken from a future's points, the last ones first: what has grown most is what comes near. */
function sampled(starts: Int32Array): Pick<Reach, 'sample' | 'sampleStarts'> {
  const sample: number[] = [];
  const sampleStarts = new Int32Array(starts.length);
  for (let life = 0; life + 1 < starts.length; life += 1) {
    const [from, to] = [starts[life]!, starts[life + 1]!];
    const stride = Math.max(1, Math.ceil((to - from) / k.POINTS_FOR_CLEARANCE));
    for (let n = to - 1; n >= from; n -= stride) sample.push(n);
    sampleStarts[life + 1] = sample.length;
  }
  return { sample: Int32Array.from(sample), sampleStarts };
}

/** atYears: years of growth. */
export function reachOf(plant: MappedPlant, futures: readonly Future[], atYears: number): Reach {
  const own = aboutBall(plant);
  const [x, y]: [number[], number[]] = [[], []];
  const starts = new Int32Array(futures.length + 1);
  const ballCm = new Float64Array(futures.length);
  futures.forEach(({ creeps, ringCmPerYear }, life) => {
    ballCm[life] = own.ball.diameterCm / 2 + k.BALL_MARGIN_CM + ringCmPerYear * atYears;
    for (const lead of own.leads) {
      x.push(lead.xCm);
      y.push(lead.yCm);
    }
    for (const creep of creeps) {
      if (creep.fromYears >= atYears) break;
      const share = Math.min(1, (atYears - creep.fromYears) / (creep.toYears - creep.fromYears));
      x.push(creep.fromX + share * (creep.toX - creep.fromX));
      y.push(creep.fromY + share * (creep.toY - creep.fromY));
    }
    starts[life + 1] = x.length;
  });
  return {
    x: Float64Array.from(x),
    y: Float64Array.from(y),
    starts,
    ...sampled(starts),
    ballCm,
    bulbX: Float64Array.from(own.bulbs.map(({ xCm }) => xCm)),
    bulbY: Float64Array.from(own.bulbs.map(({ yCm }) => yCm)),
    count: futures.length,
  };
}
