/** Nature has no cliffs: as an input moves finely, the days to the next watering move with it. */
import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { constantPlace, monthDrying } from '../places';
import { buildColumn } from './build';
import type { Column } from './column';
import { dryingTime, lightShareAt } from './dry-down';
import { daysOf } from './drying-time';
import type { PlantWaterUse, Layer, PottedSetup } from './setup';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const THRESHOLD = 0.2;
const room = { temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' as const };

function potOf(layers: readonly Layer[], potKindId = 'plastic-round'): Column {
  const setup: PottedSetup = { kind: 'pot', pot: makePot(potKindId, 12), layers };
  return buildColumn(setup, drinker);
}
const daysIn = (column: Column, air: Parameters<typeof constantPlace>[0] = room): number =>
  daysOf(dryingTime(column, monthDrying(constantPlace(air), 0), THRESHOLD));

const main = (mediumId: string, heightCm: number): Layer => ({
  role: 'main',
  mix: [{ medium: mediumById(mediumId), parts: 1 }],
  heightCm,
});
const mixed = (fines: number, heightCm: number): Layer => ({
  role: 'main',
  mix: [
    { medium: mediumById('bark-2-4'), parts: fines },
    { medium: mediumById('bark-12-25'), parts: 1 - fines },
  ],
  heightCm,
});

/** The largest step between neighbours of a sweep, as a share of the mean. */
function largestStep(f: (x: number) => number, from: number, to: number, count: number): number {
  const values = Array.from({ length: count + 1 }, (_, i) => f(from + ((to - from) * i) / count));
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return Math.max(...values.slice(1).map((value, i) => Math.abs(value - values[i]!))) / mean;
}

/** A change of the mesh may show as much, and no more (a finer mesh changes answers by under 2 %). */
const MESH_SHOWS = 0.02;

test.each<[string, (x: number) => number, number, number]>([
  ['share of fines over a coarser layer', (x) => daysIn(potOf([main('bark-9-15', 4), mixed(x, 5)])), 0.02, 0.6],
  ['share of fines under a finer layer', (x) => daysIn(potOf([mixed(x, 4), main('bark-3-6', 5)])), 0.02, 0.6],
  ['share of fines in the whole pot', (x) => daysIn(potOf([mixed(x, 9)])), 0.02, 0.6],
  ['depth of the medium', (x) => daysIn(potOf([main('bark-6-12', x)])), 6, 9],
  ['height of the crocking', (x) => daysIn(potOf([main('pebbles-16-32', x), main('bark-6-12', 9 - x)])), 0.5, 3],
  ['humidity', (x) => daysIn(potOf([main('bark-6-12', 8)]), { ...room, relativeHumidityPct: x }), 30, 80],
  ['warmth', (x) => daysIn(potOf([main('bark-6-12', 8)]), { ...room, temperatureC: x }), 12, 30],
  [
    'hours of light',
    (x) => daysIn(potOf([main('bark-6-12', 8)]), { ...room, lightHours: x, lightWattsPerM2: 60 }),
    7,
    17,
  ],
])('%s', (_what, f, from, to) => {
  const [coarse, fine] = [largestStep(f, from, to, 60), largestStep(f, from, to, 240)];
  // A slope gives a quarter of the step at a quarter of the distance; a cliff stays a cliff.
  expect(fine).toBeLessThan(Math.max(MESH_SHOWS, 0.5 * coarse));
});

test('the hours of light of a day add up to what they are', () => {
  for (const lightHours of [0, 1, 7.3, 8, 11.9, 12, 15.25, 23.5, 24]) {
    const sum = Array.from({ length: 24 }, (_, hour) => lightShareAt(hour, lightHours)).reduce((all, x) => all + x, 0);
    expect(sum).toBeCloseTo(lightHours, 10);
  }
});
