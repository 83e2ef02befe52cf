/** Months of rest: less water is given, less is wanted, and nothing is held against a plant that sleeps. */
import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { buildYearColumn, type PlantWaterUse, type PottedSetup } from '../drydown';
import { constantPlace, yearDrying } from '../places';
import { usualFeeding } from '../salt';
import { regimeFigures, restWateringOf, type RestKind, restKinds, type RootNeeds, warmthOf } from '../stress';
import { simulateYear } from '.';

const drinker: PlantWaterUse = { leafAreaCm2: 500, photosynthesis: 'C3', rootVolumeL: 0.06, rootDiameterMm: 2 };
const room = yearDrying(constantPlace({ temperatureC: 20, relativeHumidityPct: 60, airflow: 'still room' }));
const needs: RootNeeds = {
  regime: regimeFigures['wet-dry'],
  airNeed: 0.2,
  warmth: warmthOf.intermediate,
  saltToleranceDsM: 3,
  takesToWater: false,
};
const WINTER = [10, 11, 0];

function yearOf(kind: RestKind | null, months: readonly number[] = WINTER, days = 5) {
  const pot = makePot('plastic-round', 12);
  const mix = [{ medium: mediumById('bark-6-12'), parts: 1 }];
  const setup: PottedSetup = { kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1 }] };
  const rest = kind === null ? null : restWateringOf(kind, needs.regime, months);
  const feeding = usualFeeding(false);
  return simulateYear(
    buildYearColumn(setup, drinker),
    room,
    { routine: { kind: 'every', days }, feeding, holiday: null, flushes: true, rest },
    needs,
  );
}

const wateringsIn = (year: ReturnType<typeof yearOf>, months: readonly number[]) =>
  months.reduce((sum, month) => sum + year.months[month]!.waterings, 0);

// Common practice, no source.
test.each([
  ['drier winter', 0.5],
  ['dry winter', 0.2],
  ['leafless and dry', 0],
] as const)('%s: so much of the usual water in its months, and as much as ever outside them', (kind, share) => {
  const [usual, resting] = [yearOf(null), yearOf(kind)];
  expect(Math.abs(wateringsIn(resting, WINTER) - share * wateringsIn(usual, WINTER))).toBeLessThanOrEqual(1);
  const summer = [4, 5, 6, 7];
  expect(wateringsIn(resting, summer)).toBe(wateringsIn(usual, summer));
});

test('a leafless plant without water does not suffer drought; the same plant in leaf would', () => {
  const drought = (kind: RestKind) => Math.max(...WINTER.map((month) => yearOf(kind).months[month]!.stress.drought));
  expect(drought('leafless and dry')).toBeLessThan(0.02);
  const away = { ...restWateringOf('leafless and dry', needs.regime, WINTER), regime: needs.regime, demandShare: 1 };
  const inLeaf = simulateYear(
    buildYearColumn(
      {
        kind: 'pot',
        pot: makePot('plastic-round', 12),
        layers: [{ role: 'main', mix: [{ medium: mediumById('bark-6-12'), parts: 1 }], heightCm: 9 }],
      },
      drinker,
    ),
    room,
    { routine: { kind: 'every', days: 5 }, feeding: usualFeeding(false), holiday: null, flushes: true, rest: away },
    needs,
  );
  expect(Math.max(...WINTER.map((month) => inLeaf.months[month]!.stress.drought))).toBeGreaterThan(0.5);
});

test('a plant asleep over the turn of the year goes into it dry: January is no wetter than December', () => {
  const { months } = yearOf('leafless and dry', [10, 11, 0, 1]);
  expect(months[0]!.stress.air).toBeLessThanOrEqual(months[11]!.stress.air + 0.02);
  expect(months[0]!.waterings).toBe(0);
});

test('half the water in its rest leaves a plant no worse off than all of it', () => {
  const [usual, resting] = [yearOf(null), yearOf('drier winter')];
  expect(resting.harmDays).toBeLessThanOrEqual(usual.harmDays + 3);
});

test('rest half a year later is the same year, half a year later', () => {
  for (const kind of restKinds) {
    const [north, south] = [yearOf(kind, [0, 1, 2]), yearOf(kind, [6, 7, 8])];
    const later = (month: number) => (month + 6) % 12;
    for (const month of [1, 4, 7, 10]) {
      expect(south.months[later(month)]!.waterings).toBeCloseTo(north.months[month]!.waterings, -0.4);
      expect(Math.abs(south.months[later(month)]!.stress.drought - north.months[month]!.stress.drought)).toBeLessThan(
        0.1,
      );
    }
  }
});

test('no rest and no months of rest are the same year', () => {
  expect(yearOf('dry winter', [])).toEqual(yearOf(null));
});
