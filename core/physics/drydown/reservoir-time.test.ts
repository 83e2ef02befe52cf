import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { constantPlace, monthDrying } from '../places';
import { buildColumn } from './build';
import type { Column } from './column';
import { dryDown } from './dry-down';
import { reservoirTimeDays } from './reservoir-time';
import type { PlantWaterUse } from './setup';
import { createState, reservoirG } from './state';
import { waterColumn, wateringOf } from './watering';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const air = (relativeHumidityPct: number) =>
  monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct, airflow: 'still room', lightWattsPerM2: 20 }), 0);
const CAN = wateringOf('pour', 0);

function column(potKindId: string, mediumId: string): Column {
  const pot = makePot(potKindId, 12);
  const mix = [{ medium: mediumById(mediumId), parts: 1 }];
  return buildColumn({ kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1 }] }, drinker);
}

const overWater = ['side-hole-pot', 'wick-pot'].flatMap((pot) =>
  ['clay-pebbles-8-16', 'bark-6-12', 'sphagnum-loose'].map((medium) => [pot, medium] as const),
);

test.each(overWater)('a %s of %s empties whether or not what stands above it asks sooner', (pot, medium) => {
  const ofPot = column(pot, medium);
  expect(ofPot.reservoirCapacityG).toBeGreaterThan(0);
  const lasts = reservoirTimeDays(ofPot, air(40), 0.2, CAN, 400)!;
  expect(lasts).toBeGreaterThan(0.5);
  // The hourly curve, where it goes on so far, says the same to the hour.
  const { hours } = dryDown(ofPot, air(40), 0.2, 400);
  const empty = hours.find((hour) => hour.reservoirG <= 0);
  if (empty) expect(Math.abs(empty.hour / 24 - lasts)).toBeLessThanOrEqual(1 / 24);
  else expect(lasts * 24).toBeGreaterThan(hours.at(-1)!.hour);
});

test('drier air empties it sooner, and a horizon that is too near says that it lasts beyond', () => {
  const pot = column('side-hole-pot', 'clay-pebbles-8-16');
  const days = [30, 45, 60, 75].map((humidity) => reservoirTimeDays(pot, air(humidity), 0.2, CAN, 400)!);
  expect(days).toEqual([...days].sort((a, b) => a - b));
  expect(reservoirTimeDays(pot, air(75), 0.2, CAN, days[3]! - 0.5)).toBeNull();
  expect(reservoirTimeDays(pot, air(75), 0.2, CAN, 400, 3)!).toBeCloseTo(days[3]!, 0);
});

test('a pot without one has no such days', () => {
  const plain = column('plastic-round', 'bark-6-12');
  const state = createState(plain);
  waterColumn(plain, state, CAN);
  expect(reservoirG(state)).toBe(0);
  expect(reservoirTimeDays(plain, air(40), 0.2, CAN)).toBeNull();
});
