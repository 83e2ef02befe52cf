/**
 * The way of standing that needs the least room: a compass search (Hooke and Jeeves 1961) over where each plant stands and how it is
 * turned, from several beginnings. It knows no rule of placement: those of the trade come out of it, see placing.test.ts.
 */
import { k } from './constants';
import { type PlantPlacement, turnedTogether } from './map';
import { type Ask, placedSo } from './room';

export interface Found {
  readonly stands: readonly PlantPlacement[];
  readonly widthCm: number;
}

/** By how much one plant, or all of them together, are moved and turned in one trial. */
interface Move {
  readonly plant: number | 'all';
  readonly x: number;
  readonly y: number;
  readonly turn: number;
}

const bothWays = (ways: readonly Omit<Move, 'plant'>[]): readonly Omit<Move, 'plant'>[] =>
  ways.flatMap((way) => [way, { x: -way.x, y: -way.y, turn: -way.turn }]);

const axes = bothWays([
  { x: 1, y: 0, turn: 0 },
  { x: 0, y: 1, turn: 0 },
  { x: 0, y: 0, turn: 1 },
]);

/** Between two walls of a corner a plant can only go along both. */
const diagonals = bothWays([
  { x: 1, y: 1, turn: 0 },
  { x: 1, y: -1, turn: 0 },
]);

/** In a round pot turning everything changes nothing. */
function movesFor({ reaches, shape }: Ask): readonly Move[] {
  const isSquare = shape === 'square';
  const ways = isSquare ? [...axes, ...diagonals] : axes;
  const isOne = reaches.length === 1;
  const own = reaches.flatMap((_, plant) =>
    ways.filter(({ turn }) => isSquare || !isOne || turn === 0).map((way) => ({ ...way, plant })),
  );
  const together = ways.filter(({ turn }) => isSquare || turn === 0).map((way) => ({ ...way, plant: 'all' as const }));
  return isOne ? own : [...own, ...together];
}

function moved(
  stands: readonly PlantPlacement[],
  { plant, x, y, turn }: Move,
  stepCm: number,
): readonly PlantPlacement[] {
  const stepDeg = turn * stepCm * k.TURN_DEG_PER_CM;
  const by = (stand: PlantPlacement): PlantPlacement => ({
    ...stand,
    xCm: stand.xCm + x * stepCm,
    yCm: stand.yCm + y * stepCm,
  });
  if (plant === 'all') return turnedTogether(stands, stepDeg).map(by);
  return stands.map((stand, index) => (index === plant ? by({ ...stand, turnDeg: stand.turnDeg + stepDeg }) : stand));
}

/** Goes downhill from one beginning until steps shorter than endCm gain nothing. */
export function descend(ask: Ask, from: readonly PlantPlacement[], endCm: number): Found {
  const moves = movesFor(ask);
  let best = placedSo(ask, from);
  for (let stepCm = k.FIRST_STEP_CM; stepCm >= endCm; stepCm /= 2) {
    let isMoving = true;
    while (isMoving) {
      isMoving = false;
      for (const move of moves) {
        const stands = moved(best.stands, move, stepCm);
        const tried = placedSo(ask, stands, { before: best, isTogether: move.plant === 'all' });
        if (tried.widthCm < best.widthCm - k.LEAST_GAIN_CM) {
          best = tried;
          isMoving = true;
        }
      }
    }
  }
  return { stands: best.stands, widthCm: best.widthCm };
}
