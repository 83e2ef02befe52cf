/** How long plants that stand in a given way stay inside a given pot: in each future, until the first tip is at the wall. */
import type { PotShape } from '../physics/pots';
import { k } from './constants';
import { aboutBall, RAD, type PlantPlacement } from './map';
import type { Planted } from './ladder';
import { halfOf } from './room';

/** Share of the way from one point to another at which a circle about the middle is reached; more than 1 = not on it. */
function toCircle(fromX: number, fromY: number, toX: number, toY: number, radius: number): number {
  const [dx, dy] = [toX - fromX, toY - fromY];
  const a = dx * dx + dy * dy;
  const b = fromX * dx + fromY * dy;
  const c = fromX * fromX + fromY * fromY - radius * radius;
  if (a === 0) return Infinity;
  return (-b + Math.sqrt(Math.max(0, b * b - a * c))) / a;
}

function toSquare(fromX: number, fromY: number, toX: number, toY: number, half: number): number {
  const along = (from: number, to: number) =>
    to === from ? Infinity : ((to > from ? half : -half) - from) / (to - from);
  return Math.min(along(fromX, toX), along(fromY, toY));
}

const toWall = { round: toCircle, square: toSquare } as const;

/** Years of growth that one plant stays inside in one future; Infinity = as far as the future goes. */
function ofOne(
  { plant, futures }: Planted,
  stand: PlantPlacement,
  shape: PotShape,
  halfWidthCm: number,
  life: number,
): number {
  const future = futures[life]!;
  const half = halfOf[shape];
  const roomCm = halfWidthCm - half(stand.xCm, stand.yCm) - plant.ball.diameterCm / 2 - k.BALL_MARGIN_CM;
  const byBall = future.ringCmPerYear > 0 ? Math.max(0, roomCm / future.ringCmPerYear) : roomCm < 0 ? 0 : Infinity;
  const tipsReachCm = halfWidthCm - k.WALL_MARGIN_CM;
  const [cos, sin] = [Math.cos(stand.turnDeg * RAD), Math.sin(stand.turnDeg * RAD)];
  const inPotX = (x: number, y: number) => stand.xCm + x * cos - y * sin;
  const inPotY = (x: number, y: number) => stand.yCm + x * sin + y * cos;
  const isOut = (x: number, y: number) => half(inPotX(x, y), inPotY(x, y)) > tipsReachCm;
  if (aboutBall(plant).leads.some(({ xCm, yCm }) => isOut(xCm, yCm))) return 0;
  let first = byBall;
  for (const creep of future.creeps) {
    if (creep.fromYears >= first) break;
    const [toX, toY] = [inPotX(creep.toX, creep.toY), inPotY(creep.toX, creep.toY)];
    if (half(toX, toY) <= tipsReachCm) continue;
    const [fromX, fromY] = [inPotX(creep.fromX, creep.fromY), inPotY(creep.fromX, creep.fromY)];
    const share = Math.min(1, Math.max(0, toWall[shape](fromX, fromY, toX, toY, tipsReachCm)));
    first = Math.min(first, creep.fromYears + share * (creep.toYears - creep.fromYears));
  }
  return first;
}

/** Years of growth in each future, the shortest first. */
export function growthYearsInside(
  planted: readonly Planted[],
  stands: readonly PlantPlacement[],
  shape: PotShape,
  widthCm: number,
): readonly number[] {
  return planted[0]!.futures
    .map((_, life) => Math.min(...planted.map((one, plant) => ofOne(one, stands[plant]!, shape, widthCm / 2, life))))
    .sort((a, b) => a - b);
}

/** Years that so large a share of the futures stays inside; the futures' own length where they all do. */
export function certainYears(inside: readonly number[], certainty: number, mostYears: number): number {
  const at = (1 - certainty) * (inside.length - 1);
  const low = Math.min(mostYears, inside[Math.floor(at)]!);
  const high = Math.min(mostYears, inside[Math.ceil(at)]!);
  return low + (at - Math.floor(at)) * (high - low);
}

/** Share of futures that are still inside after so many years of growth. */
export function shareInside(inside: readonly number[], growthYears: number): number {
  return inside.filter((years) => years >= growthYears).length / inside.length;
}
