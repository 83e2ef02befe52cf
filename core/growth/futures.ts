/**
 * Many lives of one plant, as seen from above. Each lead steps on in its heading, which wanders a little with every shoot; some
 * shoots make two leads. Between two shoots the tip creeps on evenly. All chance comes from a seed, and every lead draws from a
 * stream of its own: more forks, or longer steps, leave the rest of a life as it was.
 */
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { k } from './constants';
import { aboutBall, type MappedPlant, RAD } from './map';
import { mixed } from './mixed';
import type { Stride } from './stride';

/** A piece of a tip's way: from one shoot to the next, about the middle of the ball. */
export interface Creep {
  readonly fromYears: number;
  readonly toYears: number;
  readonly fromX: number;
  readonly fromY: number;
  readonly toX: number;
  readonly toY: number;
}

export interface Future {
  /** Ordered by when they begin. */
  readonly creeps: readonly Creep[];
  /** How far the roots of a plant that does not creep have spread a year, cm. */
  readonly ringCmPerYear: number;
}

interface Growing {
  readonly x: number;
  readonly y: number;
  readonly headingRad: number;
  readonly atYears: number;
  /** Its part of the shoots that the lead it began from would have made. */
  readonly shareOfPace: number;
  readonly seed: number;
}

/** Two independent standard normal numbers (Box and Muller 1958). */
function normals(uniform: () => number): readonly [number, number] {
  const radius = Math.sqrt(-2 * Math.log(1 - uniform()));
  const angle = 2 * Math.PI * uniform();
  return [radius * Math.cos(angle), radius * Math.sin(angle)];
}

/** A positive number of mean 1 and about that spread. */
const about1 = (spread: number, normal: number): number => Math.exp(spread * normal - (spread * spread) / 2);

function streamOf(seed: number): () => number {
  const random = xoroshiro128plus(seed);
  return () => uniformFloat64(random);
}

/** Follows one lead until it forks or the years are over. */
function follow(lead: Growing, stride: Stride, years: number, mayFork: boolean, creeps: Creep[]): readonly Growing[] {
  const uniform = streamOf(lead.seed);
  let { x, y, headingRad, atYears } = lead;
  for (let generation = 1; atYears < years; generation += 1) {
    const [turn, pace] = normals(uniform);
    const [length] = normals(uniform);
    const forkDraw = uniform();
    headingRad += stride.wanderDeg * RAD * turn;
    const stepCm = stride.stepCm * about1(stride.stepSpread, length);
    const toYears = atYears + about1(stride.paceSpread, pace) / (stride.stepsAYear * lead.shareOfPace);
    const [toX, toY] = [x + stepCm * Math.cos(headingRad), y + stepCm * Math.sin(headingRad)];
    creeps.push({ fromYears: atYears, toYears, fromX: x, fromY: y, toX, toY });
    [x, y, atYears] = [toX, toY, toYears];
    if (mayFork && forkDraw < stride.forkingChance && atYears < years) {
      return [-1, 1].map((side) => ({
        x,
        y,
        headingRad: headingRad + side * k.FORK_HALF_DEG * RAD,
        atYears,
        shareOfPace: stride.sharesShoots ? lead.shareOfPace * k.FORKED_SHARE : lead.shareOfPace,
        seed: mixed(lead.seed + 2 * generation + side),
      }));
    }
  }
  return [];
}

/** One life of a plant over so many years of growth. */
function futureOf(plant: MappedPlant, stride: Stride, years: number, seed: number): Future {
  const uniform = streamOf(seed);
  const [ring] = normals(uniform);
  const ringCmPerYear = stride.ringCmPerYear * about1(stride.paceSpread, ring);
  if (stride.stepCm === 0 || stride.stepsAYear <= 0) return { creeps: [], ringCmPerYear };
  const creeps: Creep[] = [];
  let leads: readonly Growing[] = plant.leads.map(({ xCm, yCm, headingDeg }, index) => ({
    x: xCm,
    y: yCm,
    headingRad: headingDeg * RAD,
    atYears: 0,
    shareOfPace: 1,
    seed: mixed(seed + k.NEXT_LEAD * (index + 1)),
  }));
  let followed = 0;
  while (leads.length > 0) {
    const next: Growing[] = [];
    for (const lead of leads) {
      followed += 1;
      next.push(...follow(lead, stride, years, followed + next.length < k.MOST_LEADS, creeps));
    }
    leads = next;
  }
  return { creeps: creeps.sort((a, b) => a.fromYears - b.fromYears), ringCmPerYear };
}

/** So many lives of a plant over so many years of growth; the same seed gives the same lives. */
export function futuresOf(
  plant: MappedPlant,
  stride: Stride,
  { count, years, seed }: { readonly count: number; readonly years: number; readonly seed: number },
): readonly Future[] {
  const own = aboutBall(plant);
  return Array.from({ length: count }, (_, life) => futureOf(own, stride, years, mixed(seed + life * k.NEXT_LIFE)));
}
