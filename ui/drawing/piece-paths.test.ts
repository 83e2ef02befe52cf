/** Many pieces as few paths. */
import { piecePaths } from './piece-paths';
import type { Piece } from './pieces';

const piece = (change: Partial<Piece>): Piece => ({
  xCm: 0,
  yCm: 0,
  radiusCm: 0.5,
  turn: 0,
  shape: 'chip',
  family: 'conifer bark',
  grain: 0.3,
  ...change,
});

/** The points that a path goes through. */
const points = (d: string) =>
  [...d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

test('pieces of a kind are one path, kinds are told apart', () => {
  const kinds = piecePaths([piece({}), piece({ xCm: 2 }), piece({ xCm: 4, shape: 'pitted', family: 'pumice' })]);
  expect(kinds.map(({ family, shape }) => `${family} ${shape}`)).toEqual(['conifer bark chip', 'pumice pitted']);
  expect(kinds[0]!.body.match(/M/g)).toHaveLength(2);
  expect(kinds[1]!.detail.match(/M/g)).toHaveLength(3);
});

test('a piece lies where it was packed: up is up, and no point further off than its size', () => {
  const [kind] = piecePaths([piece({ xCm: 3, yCm: 7, turn: 75 })]);
  const found = points(kind!.body);
  expect(found).toHaveLength(6);
  for (const [x, y] of found) expect(Math.hypot(x - 3, y + 7)).toBeLessThan(0.5 * 1.16 * 1.1);
});

test('turned by a quarter it is as high as it was wide', () => {
  const size = (turn: number, axis: 0 | 1) => {
    const values = points(piecePaths([piece({ shape: 'plate', turn })])[0]!.body).map((point) => point[axis]);
    return Math.max(...values) - Math.min(...values);
  };
  expect(size(0, 0)).toBeCloseTo(1);
  expect(size(90, 1)).toBeCloseTo(1);
  expect(size(90, 0)).toBeCloseTo(0.35);
});

test('what lies on another is drawn after it, and never within one path', () => {
  const heap = [piece({}), piece({ xCm: 0.6 }), piece({ xCm: 1.2 }), piece({ xCm: 9 })];
  const paths = piecePaths(heap);
  expect(paths.map(({ body }) => body.match(/M/g)!.length)).toEqual([2, 1, 1]);
  expect(points(paths[1]!.body)[0]![0]).toBeLessThan(points(paths[2]!.body)[0]![0]);
});

test('nothing makes nothing', () => expect(piecePaths([])).toEqual([]));
