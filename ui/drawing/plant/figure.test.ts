/** One figure of a plant for the section and for the view from above. */
import { genusById, genusIds } from '@core';
import { planCaseSchema, resolveCase } from '@core/testing';
import { figureOf } from './figure';
import { drawnGenera } from './forms';
import { leafOf } from './leaf';

const plantOf = (said: object) =>
  resolveCase(planCaseSchema.parse({ genus: 'cattleya-unifoliate', place: 'heated-flat', ...said })).plant;
const spread = (values: readonly number[]) => Math.max(...values) - Math.min(...values);

test('the same plant is always drawn alike, another is not', () => {
  expect(figureOf(plantOf({ shootCount: 5 }))).toEqual(figureOf(plantOf({ shootCount: 5 })));
  expect(figureOf(plantOf({ shootCount: 5 })).seed).not.toBe(figureOf(plantOf({ shootCount: 6 })).seed);
});

test.each(genusIds)('%s stands on its own ball', (genus) => {
  const plant = plantOf({ genus, shootCount: genusById(genus).habit === 'single stem' ? 1 : 9 });
  const { shoots } = figureOf(plant);
  expect(shoots.length).toBeGreaterThan(0);
  for (const { alongCm, asideCm } of shoots)
    expect(Math.hypot(alongCm, asideCm)).toBeLessThanOrEqual(plant.rootBallDiameterCm / 2);
});

test('growth that runs one way stands in a row, a clump all round', () => {
  const row = figureOf(plantOf({ shootCount: 6 })).shoots;
  expect(spread(row.map(({ asideCm }) => asideCm))).toBe(0);
  expect(row.map(({ alongCm }) => alongCm)).toEqual([...row.map(({ alongCm }) => alongCm)].sort((a, b) => a - b));
  expect(row.filter(({ isNewest }) => isNewest)).toHaveLength(1);
  const clump = figureOf(plantOf({ genus: 'cymbidium', shootCount: 6 })).shoots;
  expect(spread(clump.map(({ asideCm }) => asideCm))).toBeGreaterThan(2);
});

test('three plants stand apart and grow outwards', () => {
  const { shoots } = figureOf(plantOf({ shootCount: 9, plantCount: 3 }));
  expect(shoots).toHaveLength(9);
  const out = (index: number) => Math.hypot(shoots[index]!.alongCm, shoots[index]!.asideCm);
  for (const first of [0, 3, 6]) expect(out(first + 1)).toBeGreaterThan(out(first));
});

test('the newest shoot is as far as it was seen to be, and a sleeping plant has no leaves', () => {
  const newest = (shoot: string) =>
    figureOf(plantOf({ shootCount: 4, signs: { shoot } })).shoots.find(({ isNewest }) => isNewest)!.grown;
  expect(newest('starting')).toBeLessThan(newest('half grown'));
  expect(newest('half grown')).toBeLessThan(newest('none'));
  const asleep = figureOf(plantOf({ genus: 'catasetum', shootCount: 3, signs: { leavesShed: true } }));
  expect(asleep.shoots.every(({ leaves }) => leaves === 0)).toBe(true);
});

test('every kind that is drawn in a way of its own is in the catalogue', () => {
  for (const id of drawnGenera) expect(genusIds).toContain(id);
});

test('a leaf is as long as asked, leans to its side, and is no wider than long', () => {
  const points = (d: string) =>
    [...d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);
  const { outline, tip } = leafOf('strap', 0, 0, 10, 40);
  expect(tip[0]).toBeGreaterThan(4);
  expect(Math.hypot(...tip)).toBeGreaterThan(8.5);
  expect(Math.hypot(...tip)).toBeLessThanOrEqual(10);
  expect(leafOf('strap', 0, 0, 10, -40).tip[0]).toBeCloseTo(-tip[0]);
  for (const [x, y] of points(outline)) expect(Math.hypot(x, y)).toBeLessThan(10.5);
});

test('in a pot each plant stands and is turned as the pot says, in the section and from above alike', () => {
  const plant = plantOf({ shootCount: 4 });
  const own = figureOf(plant).shoots;
  const moved = figureOf(plant, [{ xCm: -3, yCm: 1, turnDeg: 90 }]).shoots;
  own.forEach(({ alongCm, asideCm }, k) => {
    expect(moved[k]!.alongCm).toBeCloseTo(-3 - asideCm, 9);
    expect(moved[k]!.asideCm).toBeCloseTo(1 + alongCm, 9);
  });
});

test('the plant that was drawn is the plant that is shown', () => {
  const growthMap = {
    plants: [
      {
        bulbs: [
          { xCm: 0, yCm: -4 },
          { xCm: 1, yCm: -1 },
        ],
        leads: [{ xCm: 0, yCm: 2, headingDeg: 90 }],
      },
    ],
  };
  const { shoots } = figureOf(plantOf({ growthMap }));
  expect(shoots).toHaveLength(3);
  expect(shoots.map(({ isNewest }) => isNewest)).toEqual([false, false, true]);
  // Turned so that it grows to the right: the oldest lies left, the lead right.
  expect(shoots[0]!.alongCm).toBeLessThan(shoots[1]!.alongCm);
  expect(shoots[1]!.alongCm).toBeLessThan(shoots[2]!.alongCm);
});
