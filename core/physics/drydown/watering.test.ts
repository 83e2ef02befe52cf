/** Putting water in: how much of it goes in, and where it goes. */
import fc from 'fast-check';
import { mediumById, mediumIds } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { hydraulicsOfMix } from '../media';
import { constantPlace, monthDrying } from '../places';
import { buildColumn } from './build';
import { type Column, rootZoneWater } from './column';
import { monthHours, wateredState } from './dry-down';
import { stepHour } from './hour';
import { availableShare, totalWaterG } from './root-zone';
import { wateringHours } from './routine';
import { type PlantWaterUse, type PottedSetup, wettabilityAtFirst } from './setup';
import { cellWaterShare, createState, reservoirG } from './state';
import { mistOf, rainOf, waterColumn, waterFromDry, wateringOf, wettedShare } from './watering';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const CAN = wateringOf('pour', 0);

function filled(mediumId: string, potKindId = 'plastic-round', months = 0): PottedSetup {
  const pot = makePot(potKindId, 12);
  const age = months > 0 ? { months, conditions: { temperatureC: 20, wetness: 0.5 } } : undefined;
  const mix = [{ medium: mediumById(mediumId), parts: 1 }];
  return { kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1, age }] };
}
const columnOf = (mediumId: string, potKindId = 'plastic-round', months = 0) =>
  buildColumn(filled(mediumId, potKindId, months), drinker);

function pouredShares(column: Column, times: number): number[] {
  const state = createState(column);
  state.wetness.fill(0);
  return Array.from({ length: times }, () => {
    waterColumn(column, state, CAN);
    return totalWaterG(column, state) / column.capacityG.reduce((sum, grams) => sum + grams, 0);
  });
}

test('new dry bark takes up 40 to 70 % at the first watering, and more at each later one', () => {
  // Fonteno, Fields & Jackson 2013 (source from memory).
  const column = columnOf('bark-6-12');
  column.wettability.fill(wettabilityAtFirst(filled('bark-6-12').layers[0]!));
  const shares = pouredShares(column, 4);
  expect(shares[0]).toBeGreaterThan(0.4);
  expect(shares[0]).toBeLessThan(0.7);
  shares.slice(1).forEach((share, i) => expect(share).toBeGreaterThan(shares[i]!));
  expect(shares[3]).toBeGreaterThan(0.9);
});

describe('what decides how much goes in', () => {
  test('moist medium takes more of what it lacks than dry, a soak more than a pour, and nothing more than all', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...mediumIds),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 120, noNaN: true }),
        (mediumId, one, other, minutes) => {
          const column = columnOf(mediumId);
          const [drier, wetter] = [Math.min(one, other), Math.max(one, other)];
          expect(wettedShare(column, 0, wetter, 0)).toBeGreaterThanOrEqual(wettedShare(column, 0, drier, 0));
          expect(wettedShare(column, 0, drier, minutes)).toBeGreaterThanOrEqual(wettedShare(column, 0, drier, 0));
          expect(wettedShare(column, 0, wetter, minutes)).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 200 },
    );
  });

  test('coarse pieces are wetted less by a quick pour than fine ones of the same kind, and need longer to soak', () => {
    const [fine, coarse] = [columnOf('bark-3-6'), columnOf('bark-12-25')];
    fine.wettability.fill(0.8);
    coarse.wettability.fill(0.8);
    expect(wettedShare(coarse, 0, 0.3, 0)).toBeLessThan(wettedShare(fine, 0, 0.3, 0));
    const gain = (column: Column) => wettedShare(column, 0, 0.3, 10) - wettedShare(column, 0, 0.3, 0);
    expect(gain(coarse) / (1 - wettedShare(coarse, 0, 0.3, 0))).toBeLessThan(
      gain(fine) / (1 - wettedShare(fine, 0, 0.3, 0)),
    );
  });

  test('bark that has been in use wets better than new bark', () => {
    const share = (months: number) => wettedShare(columnOf('bark-6-12', 'plastic-round', months), 0, 0.1, 0);
    expect(share(24)).toBeGreaterThan(share(0));
  });

  test('no water is lost in a watering: what is held and what runs on is what was poured', () => {
    const column = columnOf('bark-6-12', 'side-hole-pot');
    const state = createState(column);
    state.wetness.fill(0.2);
    state.totals[0] = 0;
    const before = totalWaterG(column, state);
    const held = waterColumn(column, state, rainOf(200));
    expect(totalWaterG(column, state) - before).toBeCloseTo(held, 9);
    const last = column.cellCount - 1;
    const took = state.scratch.tookG.reduce((sum, grams) => sum + grams, 0);
    expect(took + state.scratch.ranOnG[last]!).toBeCloseTo(200, 9);
    expect(held).toBeCloseTo(took + reservoirG(state), 9);
  });

  test('a mist wets the top and leaves the foot as it was', () => {
    const column = columnOf('bark-6-12');
    const state = createState(column);
    state.wetness.fill(0.2);
    waterColumn(column, state, mistOf(4));
    expect(state.wetness[0]).toBeGreaterThan(0.5);
    expect(state.wetness[column.cellCount - 1]).toBe(0.2);
  });
});

test('days between waterings start where a watering in that rhythm leaves the pot, year in, year out', () => {
  // Dried to its line and poured over, again and again, the pot comes back to the same start within a few per cent.
  const column = columnOf('bark-6-12');
  const hours = monthHours(
    column,
    monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }), 0),
  );
  const start = availableShare(column, wateredState(column, 0.2, CAN));
  const state = wateredState(column, 0.2, CAN);
  for (let cycle = 0; cycle < 5; cycle += 1) {
    for (let hour = 0; availableShare(column, state) > 0.2; hour += 1) stepHour(column, hours[hour % 24]!, state);
    waterColumn(column, state, CAN);
    expect(Math.abs(availableShare(column, state) - start)).toBeLessThan(0.05);
  }
});

test('what stands among the roots counts as water they have: the share falls from all to none without a rest', () => {
  const column = columnOf('clay-pebbles-8-16', 'side-hole-pot');
  const state = createState(column);
  expect(availableShare(column, state)).toBeCloseTo(1, 12);
  // Half of what stands gone, the medium as wet as before.
  const standsG = column.reservoirCapacityG - column.belowRootsG;
  expect(standsG).toBeGreaterThan(50);
  state.totals[0] = reservoirG(state) - standsG / 2;
  const { availableG } = rootZoneWater(column);
  expect(availableShare(column, state)).toBeCloseTo(1 - standsG / 2 / availableG, 12);
  const hours = monthHours(
    column,
    monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }), 0),
  );
  let before = availableShare(column, state);
  for (let day = 0; before > 0.2; day += 1) {
    for (const hour of hours) stepHour(column, hour, state);
    const after = availableShare(column, state);
    expect(before - after).toBeGreaterThan(0.02);
    before = after;
  }
});

test('water below a level in the crocking is out of the roots’ reach', () => {
  const pot = makePot('side-hole-pot', 15);
  if (pot.reservoir.kind !== 'side holes') throw new Error('side holes are what it has');
  const layer = (role: 'crocking' | 'main', heightCm: number) => ({
    role,
    mix: [{ medium: mediumById('clay-pebbles-8-16'), parts: 1 }],
    heightCm,
  });
  const column = buildColumn(
    { kind: 'pot', pot, layers: [layer('crocking', pot.reservoir.holeHeightCm + 0.5), layer('main', 8)] },
    drinker,
  );
  expect(column.reservoirCapacityG).toBeGreaterThan(50);
  expect(column.belowRootsG).toBeCloseTo(column.reservoirCapacityG, 9);
});

test('water, air and roots never exceed the bed, whatever is poured, in any pot and at any age', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...mediumIds),
      fc.constantFrom('plastic-round', 'clay-unglazed', 'side-hole-pot', 'wick-pot', 'net-pot'),
      fc.integer({ min: 0, max: 60 }),
      fc.constantFrom(CAN, wateringOf('soak', 30), rainOf(50), mistOf(10)),
      (mediumId, potKindId, months, watering) => {
        const setup = filled(mediumId, potKindId, months);
        const column = buildColumn(setup, drinker);
        const state = createState(column);
        waterFromDry(column, state, 0.1, watering);
        const water = cellWaterShare(column, state);
        for (let i = 0; i < column.cellCount; i += 1) {
          const pores = (column.poreG[i]! - column.wallG[i]!) / (column.volumeL[i]! * 1000);
          expect(pores).toBeGreaterThan(0);
          expect(pores).toBeLessThan(1);
          expect(water[i]!).toBeGreaterThanOrEqual(0);
          expect(water[i]!).toBeLessThanOrEqual(pores + 1e-9);
        }
        if (potKindId !== 'side-hole-pot') return;
        // What stands below the holes fits into the pores there, with what the medium holds by itself.
        const full = createState(column);
        let roomG = 0;
        column.supplyGH.forEach((supply, i) => {
          if (supply > 0) roomG += column.poreG[i]! - column.capacityG[i]!;
        });
        expect(reservoirG(full)).toBeLessThanOrEqual(roomG + 1e-6);
      },
    ),
    { numRuns: 150 },
  );
});

test('waterings fall on the hours of the routine', () => {
  const daysOf = (routine: Parameters<typeof wateringHours>[0], count: number) =>
    Array.from({ length: count }, (_, day) => wateringHours(routine, day));
  expect(daysOf({ kind: 'every', days: 3 }, 4)).toEqual([[0], [], [], [0]]);
  expect(daysOf({ kind: 'every', days: 2.5 }, 6)).toEqual([[0], [], [12], [], [], [0]]);
  expect(daysOf({ kind: 'weekdays', weekdays: [2, 6] }, 7)).toEqual([[], [], [0], [], [], [], [0]]);
  expect(wateringHours({ kind: 'misting', timesADay: 3 }, 5)).toEqual([0, 4, 8]);
  expect(daysOf({ kind: 'every', days: 7 }, 365).flat()).toHaveLength(53);
});

test('whatever the gap, no watering is missed or given twice', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.1, max: 40, noNaN: true }), (days) => {
      const given = Array.from({ length: 365 }, (_, day) =>
        wateringHours({ kind: 'every', days }, day).map((hour) => day * 24 + hour),
      ).flat();
      given.forEach((hour, n) => expect(hour).toBe(Math.round(n * days * 24)));
      expect(Math.abs(given.length - 365 / days)).toBeLessThan(1.001);
    }),
    { numRuns: 200 },
  );
});

test('a mix sheds water as its parts do', () => {
  const mix = [
    { medium: mediumById('bark-6-12'), parts: 3 },
    { medium: mediumById('sphagnum-chopped'), parts: 1 },
  ];
  const [bark, moss] = mix.map(({ medium }) => medium.firstYearWettability) as [number, number];
  expect(wettabilityAtFirst({ mix })).toBeCloseTo((3 * bark + moss) / 4, 12);
  expect(hydraulicsOfMix(mix).wettability).toBeCloseTo((3 * bark + moss) / 4, 12);
});
