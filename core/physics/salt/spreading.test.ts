/** Spreading of salts: beside the textbook's solutions, and on cells of any height. */
import fc from 'fast-check';
import { mediumById } from '../../catalogue/media';
import { makePot, potKindIds } from '../../catalogue/vessels';
import {
  buildColumn,
  type Column,
  createState,
  type PlantWaterUse,
  type PottedSetup,
  waterColumn,
  wateringOf,
} from '../drydown';
import { crustGM2, freshSalt, moveSalt, saltWatering, totalSalt } from './salt';
import { diffusedG, exchange, exchangeOf, neighboursOf } from './spreading';

const drinker: PlantWaterUse = { leafAreaCm2: 300, photosynthesis: 'CAM', rootVolumeL: 0.05, rootDiameterMm: 4 };

function columnOf(mediumId: string, finer: number, potKindId = 'plastic-round'): Column {
  const pot = makePot(potKindId, 14);
  const mix = [{ medium: mediumById(mediumId), parts: 1 }];
  const setup: PottedSetup = { kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1 }] };
  return buildColumn(setup, drinker, finer);
}

const sum = (values: Iterable<number>) => [...values].reduce((total, value) => total + value, 0);

test('an exchange loses nothing and leaves nothing below zero', () => {
  const grams = fc.double({ min: 0, max: 50, noNaN: true });
  const rows = fc.array(fc.tuple(grams, grams, grams, grams), { minLength: 1, maxLength: 30 });
  fc.assert(
    fc.property(rows, (cells) => {
      const amounts = Float64Array.from(cells, ([amount]) => amount);
      const flows = exchangeOf(cells.length);
      cells.forEach(([, water, down, up], i) => {
        flows.waterG[i] = water + 0.01;
        [flows.downG[i], flows.upG[i]] = [down, up];
      });
      const before = sum(amounts);
      exchange(amounts, flows);
      expect(sum(amounts)).toBeCloseTo(before, 6);
      expect(Math.min(...amounts)).toBeGreaterThanOrEqual(0);
    }),
  );
});

test('in still water salts spread as by diffusion from one half of a bed into the other', () => {
  // Crank, The Mathematics of Diffusion, eq. 2.14: what has passed the middle by time t is c₀ √(D t / π), for each unit of area.
  const column = columnOf('sphagnum-loose', 4);
  const state = createState(column);
  const neighbours = neighboursOf(column);
  const salt = freshSalt(column, state, 1);
  const middle = Math.floor(column.cellCount / 2);
  const days = 6;
  salt.cells.fill(0, 0, middle);
  for (let day = 0; day < days; day += 1) moveSalt(column, state, salt, 0, 0);
  const passed = sum(salt.cells.subarray(0, middle));
  // Water that changes places over the middle in a day, times the way between the cells, is D·θ·A.
  const wayCm = (column.thicknessCm[middle - 1]! + column.thicknessCm[middle]!) / 2;
  const volumeCm3 = (column.volumeL[middle - 1]! + column.volumeL[middle]!) * 1000;
  const areaCm2 = volumeCm3 / (2 * wayCm);
  const content = (column.capacityG[middle - 1]! + column.capacityG[middle]!) / volumeCm3;
  const diffusivity = (diffusedG(column, state, neighbours, middle - 1) * wayCm) / (content * areaCm2);
  const expected = content * areaCm2 * Math.sqrt((diffusivity * days) / Math.PI);
  expect(passed / expected).toBeGreaterThan(0.85);
  expect(passed / expected).toBeLessThan(1.15);
});

test('what a watering carries out does not hang on the height of the cells', () => {
  for (const mediumId of ['bark-6-12', 'sphagnum-loose', 'pumice-3-6', 'fired-clay-2-5']) {
    const left = [1, 2, 4].map((finer) => {
      const column = columnOf(mediumId, finer);
      const state = createState(column);
      const salt = freshSalt(column, state, 2);
      const before = totalSalt(salt);
      for (let round = 0; round < 3; round += 1) {
        waterColumn(column, state, wateringOf('pour', 0));
        saltWatering(column, state, salt, 0.1, 0);
      }
      return totalSalt(salt) / before;
    });
    expect(left[0]!).toBeLessThan(0.9);
    for (const share of left) expect(Math.abs(share - left[2]!)).toBeLessThan(0.02);
  }
});

test('a crust is so much in the topmost millimetres, on cells of any height', () => {
  for (const potKindId of potKindIds.filter((id) => id !== 'wick-pot').slice(0, 3)) {
    const crusts = [1, 3].map((finer) => {
      const column = columnOf('pumice-3-6', finer, potKindId);
      return crustGM2(column, freshSalt(column, createState(column), 2));
    });
    expect(crusts[0]! / crusts[1]!).toBeGreaterThan(0.97);
    expect(crusts[0]! / crusts[1]!).toBeLessThan(1.03);
  }
});
