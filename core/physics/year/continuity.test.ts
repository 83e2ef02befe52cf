/** Nature has no cliffs: as an input moves finely, what a year does to a plant moves with it. */
import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { buildYearColumn, type PlantWaterUse, type Layer, type PottedSetup, type Routine } from '../drydown';
import { constantPlace, yearDrying } from '../places';
import { usualFeeding } from '../salt';
import { regimeFigures, type RootNeeds, saltToleranceDsM, warmthOf } from '../stress';
import { simulateYear, type YearReport } from './index';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const needs: RootNeeds = {
  regime: regimeFigures['wet-dry'],
  airNeed: 0.35,
  warmth: warmthOf.warm,
  saltToleranceDsM: saltToleranceDsM.medium,
  takesToWater: false,
};
const room = { temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' as const };

function yearOf(
  layers: readonly Layer[],
  days: number,
  air: Parameters<typeof constantPlace>[0] = room,
  potKindId = 'plastic-round',
): YearReport {
  const setup: PottedSetup = { kind: 'pot', pot: makePot(potKindId, 12), layers };
  const routine: Routine = { kind: 'every', days };
  // Feed with every watering and no flush: both would come a watering sooner or later, which is a step of its own.
  const feeding = { ...usualFeeding(false), everyDays: 0 };
  return simulateYear(
    buildYearColumn(setup, drinker),
    yearDrying(constantPlace(air)),
    { routine, feeding, holiday: null, flushes: false },
    needs,
  );
}

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

const outputs: readonly (readonly [string, (year: YearReport) => number, number])[] = [
  ['root health', (year) => year.rootHealth, 1],
  ['lack of air', (year) => year.stress.air, 1],
  ['drought', (year) => year.stress.drought, 1],
  ['salt', (year) => year.stress.salt, 1],
  ['fine days', (year) => year.fineDays, 365],
  ['warmth of the roots', (year) => year.months[6]!.rootZoneC, 30],
];

const sweeps: readonly (readonly [string, (x: number) => YearReport, number, number])[] = [
  ['days between waterings', (x) => yearOf([main('bark-6-12', 9)], x), 1, 7],
  ['weeks between waterings', (x) => yearOf([main('bark-6-12', 9)], x), 7, 21],
  ['days between waterings in packed moss', (x) => yearOf([main('sphagnum-packed', 9)], x), 1, 7],
  ['humidity', (x) => yearOf([main('bark-6-12', 9)], 6, { ...room, relativeHumidityPct: x }), 25, 85],
  ['warmth', (x) => yearOf([main('bark-6-12', 9)], 6, { ...room, temperatureC: x }), 10, 38],
  ['share of fines', (x) => yearOf([mixed(x, 9)], 5), 0.02, 0.9],
  ['depth', (x) => yearOf([main('bark-6-12', x)], 6), 5, 9.5],
  [
    'humidity about a pot over wicks',
    (x) => yearOf([main('pumice-3-6', 9)], 9, { ...room, relativeHumidityPct: x }, 'wick-pot'),
    25,
    85,
  ],
];

test.each(sweeps)('%s', (_what, yearAt, from, to) => {
  const sweep = (count: number) =>
    Array.from({ length: count + 1 }, (_, i) => yearAt(from + ((to - from) * i) / count));
  const [coarse, fine] = [sweep(40), sweep(160)];
  for (const [name, read, scale] of outputs) {
    const largestStep = (years: readonly YearReport[]) => {
      const values = years.map((year) => read(year) / scale);
      return Math.max(...values.slice(1).map((value, i) => Math.abs(value - values[i]!)));
    };
    // A slope gives a quarter of the step at a quarter of the distance; a cliff stays a cliff. Cells and hours show as
    // three hundredths at most.
    const shows = { what: name, step: largestStep(fine) };
    expect(shows.step).toBeLessThan(Math.max(0.03, 0.6 * largestStep(coarse)));
  }
});

test('from a day to three weeks between waterings, day by day: no step larger than a fifth', () => {
  const years = Array.from({ length: 21 }, (_, i) => yearOf([main('bark-6-12', 9)], i + 1));
  years.slice(1).forEach((year, i) => {
    expect(Math.abs(year.rootHealth - years[i]!.rootHealth)).toBeLessThan(0.2);
    expect(Math.abs(year.stress.drought - years[i]!.stress.drought)).toBeLessThan(0.2);
  });
  expect(years[20]!.stress.drought).toBeGreaterThan(years[6]!.stress.drought);
});
