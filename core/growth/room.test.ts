import * as fc from 'fast-check';
import { k } from './constants';
import { RAD, type PlantPlacement } from './map';
import { reachOf } from './reach';
import { widthNeededBy } from './room';

const ball = { xCm: 0, yCm: 0, diameterCm: 6 };
const at = fc.double({ min: -8, max: 8, noNaN: true });
const stands = fc.record({ xCm: at, yCm: at, turnDeg: fc.double({ min: -360, max: 360, noNaN: true }) });
const points = fc.array(fc.record({ xCm: at, yCm: at }), { minLength: 1, maxLength: 12 });

/** One future in which nothing grows: the room is that of the leads, bulbs and ball as they are. */
const still = [{ creeps: [], ringCmPerYear: 0 }];
const isSquare = { round: false, square: true } as const;

/** The same by the definition, one point after the other. */
function byHand(
  leads: readonly { xCm: number; yCm: number }[],
  stand: PlantPlacement,
  shape: 'round' | 'square',
): number {
  const half = (x: number, y: number) => (isSquare[shape] ? Math.max(Math.abs(x), Math.abs(y)) : Math.hypot(x, y));
  const turn = stand.turnDeg * RAD;
  const tips = leads.map(({ xCm, yCm }) =>
    half(
      stand.xCm + xCm * Math.cos(turn) - yCm * Math.sin(turn),
      stand.yCm + xCm * Math.sin(turn) + yCm * Math.cos(turn),
    ),
  );
  const ballCm = half(stand.xCm, stand.yCm) + ball.diameterCm / 2 + k.BALL_MARGIN_CM;
  return 2 * Math.max(ballCm, Math.max(...tips) + k.WALL_MARGIN_CM);
}

describe('the room a plant needs, standing so', () => {
  test.each(['round', 'square'] as const)('in a %s pot: from the middle to the farthest tip or the ball', (shape) => {
    fc.assert(
      fc.property(points, stands, (leads, stand) => {
        const plant = { bulbs: [], leads: leads.map((lead) => ({ ...lead, headingDeg: 0 })), ball };
        const ask = { reaches: [reachOf(plant, still, 1)], shape, certainty: 1, clearCm: 0 };
        expect(widthNeededBy(ask, [stand])).toBeCloseTo(byHand(leads, stand, shape), 9);
      }),
      { seed: 12 },
    );
  });

  test('old bulbs may lean on the wall: they need less than a tip in the same place', () => {
    const far = { xCm: 7, yCm: 0 };
    const needed = (plant: Parameters<typeof reachOf>[0]) =>
      widthNeededBy({ reaches: [reachOf(plant, still, 1)], shape: 'round', certainty: 1, clearCm: 0 }, [
        { xCm: 0, yCm: 0, turnDeg: 0 },
      ]);
    expect(needed({ bulbs: [far], leads: [], ball })).toBeCloseTo(2 * (7 + k.BULB_RADIUS_CM), 9);
    expect(needed({ bulbs: [], leads: [{ ...far, headingDeg: 0 }], ball })).toBeCloseTo(2 * (7 + k.WALL_MARGIN_CM), 9);
  });
});
