/**
 * The trade's rules of placement (common practice, no source) come out of the search: nothing in this room knows them. Every plant is
 * laid on the bench turned anyhow, so that no beginning gives the answer away.
 */
import { creeper, ordinary } from '../testing/growing';
import { steadyClock } from './clock';
import { forecastOf } from './forecast';
import { leadingHeadingDeg, type MappedPlant, RAD, placedAt, type PlantPlacement } from './map';
import { oriented } from './oriented';
import { plantByPattern } from './patterns';
import { placementKind } from './position';

/** The same plant laid on the bench another way round. */
function laid(plant: MappedPlant, turnDeg: number): MappedPlant {
  const by: PlantPlacement = { xCm: 5, yCm: -3, turnDeg };
  return {
    bulbs: plant.bulbs.map((bulb) => placedAt(bulb, by)),
    leads: plant.leads.map((lead) => ({ ...placedAt(lead, by), headingDeg: lead.headingDeg + turnDeg })),
    ball: { ...placedAt(plant.ball, by), diameterCm: plant.ball.diameterCm },
  };
}

function placed(plants: readonly MappedPlant[], shape: 'round' | 'square', years: number, stride = ordinary) {
  const forecast = forecastOf({ plants, stride, clock: steadyClock, certainty: 0.5, seed: 20, lives: 128 });
  const widthCm = forecast.neededCm(shape, years);
  const { stands } = forecast.bestIn(shape, widthCm);
  const own = forecast.planted.map(({ plant }) => plant);
  return { stands, widthCm, kind: placementKind(own, stands, shape, widthCm), plants: own };
}

const headingOf = (plant: MappedPlant, stand: PlantPlacement) => leadingHeadingDeg(plant) + stand.turnDeg;
/** How much of a plant's heading points away from a point, −1..1. */
function awayFrom(plant: MappedPlant, stand: PlantPlacement, x: number, y: number): number {
  const [dx, dy] = [stand.xCm - x, stand.yCm - y];
  const heading = headingOf(plant, stand) * RAD;
  return (dx * Math.cos(heading) + dy * Math.sin(heading)) / Math.hypot(dx, dy);
}

describe.each([0, 77, 200])('laid on the bench turned by %i°', (turnDeg) => {
  test.each([1, 2, 3, 4])('growth one way: back to the wall, the open side before it, for %i years', (years) => {
    const { stands, widthCm, kind, plants } = placed([laid(creeper(), turnDeg)], 'round', years);
    const [stand] = stands;
    expect(kind).toBe('back to the wall');
    // It stands as far back as its ball lets it, opposite to where it grows.
    expect(Math.hypot(stand!.xCm, stand!.yCm)).toBeGreaterThan(0.7 * (widthCm / 2 - 3.5 - 0.5));
    expect(awayFrom(plants[0]!, stand!, 0, 0)).toBeLessThan(-0.95);
  });

  test('growth all round: in the middle', () => {
    const clump = laid(creeper({ runs: 'all round', leads: 3 }), turnDeg);
    const { stands, kind } = placed([clump], 'round', 2);
    expect(kind).toBe('centre');
    expect(Math.hypot(stands[0]!.xCm, stands[0]!.yCm)).toBeLessThan(0.8);
  });

  test('growth both ways: in the middle', () => {
    expect(placed([laid(creeper({ runs: 'two ways', leads: 2 }), turnDeg)], 'round', 2).kind).toBe('centre');
  });

  test('in a square pot growth one way takes the diagonal, and needs a narrower pot for it', () => {
    const plant = laid(creeper(), turnDeg);
    const { stands, widthCm, kind, plants } = placed([plant], 'square', 3);
    expect(kind).toBe('on the diagonal');
    const heading = (((headingOf(plants[0]!, stands[0]!) % 90) + 90) % 90) - 45;
    expect(Math.abs(heading)).toBeLessThan(12);
    expect(awayFrom(plants[0]!, stands[0]!, 0, 0)).toBeLessThan(-0.9);
    expect(widthCm).toBeLessThan(placed([plant], 'round', 3).widthCm - 1);
  });

  test.each([
    [2, 2],
    [2, 3],
    [3, 2],
    [3, 3],
  ])('%i plants of two leads for %i years: dormant backs together, shoots outwards', (count, years) => {
    const plants = Array.from({ length: count }, (_, n) => laid(creeper({ leads: 2 }), turnDeg + 50 * n));
    const { stands, kind, plants: own, widthCm } = placed(plants, 'round', years);
    expect(kind).toBe('backs together');
    own.forEach((plant, n) => {
      const others = stands.filter((_, other) => other !== n);
      const [x, y] = [0, 1].map(
        (axis) => others.reduce((sum, one) => sum + (axis === 0 ? one.xCm : one.yCm), 0) / others.length,
      );
      expect(awayFrom(plant, stands[n]!, x!, y!)).toBeGreaterThan(0);
      // Its back is nearer to the middle than its shoots are.
      const far = (point: { xCm: number; yCm: number }) => {
        const at = placedAt({ xCm: point.xCm - plant.ball.xCm, yCm: point.yCm - plant.ball.yCm }, stands[n]!);
        return Math.hypot(at.xCm, at.yCm);
      };
      expect(far(plant.bulbs[0]!)).toBeLessThan(Math.max(...plant.leads.map(far)));
      expect(Math.hypot(stands[n]!.xCm, stands[n]!.yCm)).toBeLessThan(widthCm / 4);
    });
  });
});

test('two plants of one lead each may stand side by side, for that is narrower; but they never face each other', () => {
  const { stands, plants, widthCm } = placed([laid(creeper(), 10), laid(creeper(), 130)], 'round', 2);
  plants.forEach((plant, n) => {
    const other = stands[1 - n]!;
    expect(awayFrom(plant, stands[n]!, other.xCm, other.yCm)).toBeGreaterThan(-0.8);
  });
  const forecast = forecastOf({ plants, stride: ordinary, clock: steadyClock, certainty: 0.5, seed: 20, lives: 128 });
  const outwards = [0, 180].map((turnDeg) => ({ xCm: turnDeg === 0 ? 3 : -3, yCm: 0, turnDeg }));
  const turned = outwards.map((stand, n) => ({ ...stand, turnDeg: stand.turnDeg - leadingHeadingDeg(plants[n]!) }));
  expect(forecast.standing('round', widthCm, turned).years).toBeLessThan(2);
});

test('a single stem stands in the middle', () => {
  const stem = plantByPattern({ habit: 'single stem', runs: 'one way', shoots: 1, ballDiameterCm: 8, stepCm: 0 });
  const { kind, stands } = placed([stem], 'round', 2, { ...ordinary, stepCm: 0, ringCmPerYear: 0.5 });
  expect(kind).toBe('centre');
  expect(Math.hypot(stands[0]!.xCm, stands[0]!.yCm)).toBeLessThan(0.1);
});

test('drawn with growth to the right, in a square pot upwards to the right', () => {
  const plants = [laid(creeper(), 123)];
  const round = placed(plants, 'round', 2);
  const [stand] = oriented(round.plants, round.stands, 'round');
  expect(Math.cos(headingOf(round.plants[0]!, stand!) * RAD)).toBeCloseTo(1, 6);
  const square = placed(plants, 'square', 3);
  const [corner] = oriented(square.plants, square.stands, 'square');
  expect(corner!.xCm).toBeLessThan(0);
  expect(corner!.yCm).toBeLessThan(0);
});
