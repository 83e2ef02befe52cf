import fc from 'fast-check';
import { integrate } from '../../../bench/ode-reference';
import { mediumById, mediumIds } from '../../catalogue/media';
import { demoPlaces } from '../../catalogue/places';
import { makeMount, makePot, potKindIds } from '../../catalogue/vessels';
import { practiceCases, runAllPractice, TOLERANCE } from '../../practice';
import type { Mix } from '../media';
import { constantPlace, monthDrying, yearDrying } from '../places';
import { buildColumn } from './build';
import { daysOf, dryDown, dryingTime } from './dry-down';
import { cellWaterG, createState, evaporatedG, reservoirG, stepHour, takenUpG, waterColumn } from './hour';
import { hourClass } from './hour-class';
import { mountColumn } from './mount-column';
import { potColumn } from './pot-column';
import { regimeFigures } from './regime';
import { rootZoneAir, totalWaterG } from './root-zone';
import type { Routine } from './routine';
import type { Drinker, PottedSetup } from './setup';
import { simulateYear } from './year';

const pure = (mediumId: string): Mix => [{ medium: mediumById(mediumId), parts: 1 }];
const drinker: Drinker = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const room = monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }), 0);

function filled(potKindId: string, rim: number, mediumId: string, crocking = 0): PottedSetup {
  const pot = makePot(potKindId, rim);
  const main = { role: 'main' as const, mix: pure(mediumId), heightCm: pot.heightCm - 1 - crocking };
  const below = { role: 'crocking' as const, mix: pure('pebbles-16-32'), heightCm: crocking };
  return { kind: 'pot', pot, layers: crocking > 0 ? [below, main] : [main] };
}

const waterOf = (setup: PottedSetup) => {
  const column = potColumn(setup, drinker);
  return totalWaterG(column, createState(column));
};

const days = (setup: PottedSetup, cell?: number) => daysOf(dryingTime(potColumn(setup, drinker, cell), room, 0.2));

describe('what growers see (common practice, no source)', () => {
  const results = runAllPractice();

  test.each(results.map((result) => [result.name, result] as const))(
    '%s: within a third of practice',
    (_name, result) => {
      const [least, most] = result.practiceDays;
      expect(result.modelDays).toBeGreaterThan(least * (1 - TOLERANCE));
      expect(result.modelDays).toBeLessThan(most * (1 + TOLERANCE));
    },
  );

  test('at least five of the eight intervals are met outright, and the others missed by less than a tenth', () => {
    expect(practiceCases).toHaveLength(8);
    expect(results.filter((result) => result.within).length).toBeGreaterThanOrEqual(5);
    for (const {
      practiceDays: [least, most],
      modelDays,
    } of results) {
      expect(modelDays).toBeGreaterThan(0.9 * least);
      expect(modelDays).toBeLessThan(1.1 * most);
    }
  });
});

describe('water balance', () => {
  test('closes to 1e-9 of the water in the pot over a year, for random setups', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...potKindIds),
        fc.constantFrom(...mediumIds),
        fc.constantFrom(...mediumIds),
        fc.integer({ min: 8, max: 24 }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.constantFrom(...demoPlaces),
        fc.integer({ min: 1, max: 20 }),
        (potKindId, lower, upper, rim, share, place, everyDays) => {
          const pot = makePot(potKindId, rim);
          const filledCm = pot.heightCm - 0.5;
          const setup: PottedSetup = {
            kind: 'pot',
            pot,
            layers: [
              { role: 'crocking', mix: pure(lower), heightCm: filledCm * share },
              { role: 'main', mix: pure(upper), heightCm: filledCm * (1 - share) },
            ],
          };
          const column = potColumn(setup, drinker);
          const state = createState(column);
          let addedG = totalWaterG(column, state);
          const start = addedG;
          const year = yearDrying(place);
          for (let day = 0; day < 365; day += 1) {
            const month = year[Math.min(11, Math.floor(day / 30.5))]!;
            if (day % everyDays === 0) addedG += waterColumn(column, state);
            const light = hourClass(column, month.day, true);
            const dark = hourClass(column, month.night, false);
            for (let hour = 0; hour < 24; hour += 1) stepHour(column, hour < 12 ? light : dark, state);
          }
          const error = addedG - evaporatedG(state) - takenUpG(state) - totalWaterG(column, state);
          expect(Math.abs(error)).toBeLessThan(1e-9 * Math.max(start, addedG));
          for (const grams of cellWaterG(column, state)) expect(grams).toBeGreaterThanOrEqual(0);
          expect(reservoirG(state)).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 100 },
    );
  });

  test('watering never holds more than was poured, and fills nothing beyond its capacity', () => {
    const column = potColumn(filled('wick-pot', 15, 'fired-clay-2-5'), drinker);
    const state = createState(column);
    const light = hourClass(column, room.day, true);
    for (let hour = 0; hour < 300; hour += 1) stepHour(column, light, state);
    const before = totalWaterG(column, state);
    const held = waterColumn(column, state, 40);
    expect(held).toBeLessThanOrEqual(40 + 1e-9);
    expect(totalWaterG(column, state) - before).toBeCloseTo(held, 9);
    waterColumn(column, state);
    cellWaterG(column, state).forEach((grams, i) => expect(grams).toBeLessThanOrEqual(column.capacityG[i]! + 1e-9));
  });
});

describe('numerics', () => {
  const setups: readonly (readonly [string, PottedSetup])[] = [
    ['bark in plastic', filled('plastic-round', 12, 'bark-6-12')],
    ['coarse bark', filled('plastic-round', 15, 'bark-12-25')],
    ['bark in clay', filled('clay-unglazed', 12, 'bark-3-6')],
    ['pumice in a slotted pot', filled('plastic-slotted', 12, 'pumice-3-6')],
    ['moss', filled('plastic-round', 9, 'sphagnum-loose')],
    ['peat', filled('plastic-round', 12, 'peat-perlite')],
    ['over crocking', filled('plastic-round', 13, 'bark-6-12', 2)],
  ];

  test.each(setups)('%s: halving the cells changes the days by under 2 %%', (_name, setup) => {
    const coarse = days(setup);
    const fine = days(setup, 0.6);
    expect(Math.abs(fine / coarse - 1)).toBeLessThan(0.02);
  });

  test.each(setups)('%s: halving the time step changes the water left by under 2 %%', (_name, setup) => {
    const column = potColumn(setup, drinker);
    const run = (hours: number): number => {
      const state = createState(column);
      const light = hourClass(column, room.day, true);
      for (let t = 0; t < 72; t += hours) stepHour(column, light, state, hours);
      return totalWaterG(column, state);
    };
    expect(Math.abs(run(0.5) / run(1) - 1)).toBeLessThan(0.02);
  });

  test.each(setups)('%s: agrees with a general-purpose ODE solver within 1 %% of the water', (_name, setup) => {
    const column = potColumn(setup, drinker);
    const light = hourClass(column, room.day, true);
    const state = createState(column);
    for (let hour = 0; hour < 48; hour += 1) stepHour(column, light, state);
    const exact = integrate(column, light, 48, 1e-6);
    const exactG = exact.reduce((sum, grams) => sum + grams, 0);
    const start = column.capacityG.reduce((sum, grams) => sum + grams, 0);
    expect(Math.abs(totalWaterG(column, state) - exactG) / start).toBeLessThan(0.01);
  });
});

describe('crocking and the perched water', () => {
  test('a coarse layer below does not lower the wet foot of the layer above', () => {
    const plain = potColumn(filled('plastic-round', 14, 'bark-2-4'), drinker);
    const crocked = potColumn(filled('plastic-round', 14, 'bark-2-4', 3), drinker);
    const footOf = (column: typeof plain): number => {
      const cells = [...column.isRootZone].map((isRoot, i) => (isRoot ? i : -1)).filter((i) => i >= 0);
      const lowest = cells[cells.length - 1]!;
      return column.capacityG[lowest]! / (column.volumeL[lowest]! * 1000);
    };
    expect(footOf(crocked)).toBeGreaterThan(0.97 * footOf(plain));
  });

  test('it replaces volume that would have stayed wet: less water, and sooner dry', () => {
    const plain = filled('plastic-round', 14, 'bark-2-4');
    const crocked = filled('plastic-round', 14, 'bark-2-4', 3);
    expect(waterOf(crocked)).toBeLessThan(waterOf(plain));
    expect(days(crocked)).toBeLessThan(days(plain));
  });

  test('a fine layer on top of a coarse one holds its own fringe; a coarse one on a fine one drains into it', () => {
    const pot = makePot('plastic-round', 14);
    const layered = (below: string, above: string) =>
      potColumn(
        {
          kind: 'pot',
          pot,
          layers: [
            { role: 'crocking', mix: pure(below), heightCm: 5 },
            { role: 'main', mix: pure(above), heightCm: 5 },
          ],
        },
        drinker,
      );
    const top = (column: ReturnType<typeof layered>) =>
      column.capacityG[column.isRootZone.lastIndexOf(1)]! / (column.volumeL[column.isRootZone.lastIndexOf(1)]! * 1000);
    expect(top(layered('pebbles-16-32', 'bark-2-4'))).toBeGreaterThan(top(layered('baked-clay-1-2', 'bark-2-4')));
  });
});

describe('directions every grower knows (common practice, no source)', () => {
  const bark = filled('plastic-round', 12, 'bark-6-12');

  test('drier, warmer and windier air dries a pot sooner', () => {
    const at = (temperatureC: number, relativeHumidityPct: number, airflow: 'still room' | 'fan') =>
      daysOf(
        dryingTime(
          potColumn(bark, drinker),
          monthDrying(constantPlace({ temperatureC, relativeHumidityPct, airflow }), 0),
          0.2,
        ),
      );
    const base = at(21, 50, 'still room');
    expect(at(21, 30, 'still room')).toBeLessThan(base);
    expect(at(27, 50, 'still room')).toBeLessThan(base);
    expect(at(21, 50, 'fan')).toBeLessThan(base);
  });

  test('clay dries sooner than plastic and cools the roots', () => {
    const clay = filled('clay-unglazed', 12, 'bark-6-12');
    expect(days(clay)).toBeLessThan(days(bark));
    const coolest = (setup: PottedSetup) =>
      Math.min(
        ...dryDown(potColumn(setup, drinker), room, 0.2)
          .hours.slice(1, 24)
          .map((hour) => hour.rootZoneC),
      );
    expect(coolest(filled('clay-unglazed', 12, 'sphagnum-loose'))).toBeLessThan(
      coolest(filled('plastic-round', 12, 'sphagnum-loose')) - 0.5,
    );
  });

  test('slots dry sooner than a closed wall, a net sooner than slots', () => {
    expect(days(filled('plastic-slotted', 12, 'bark-6-12'))).toBeLessThan(days(bark));
    expect(days(filled('net-pot', 12, 'bark-6-12'))).toBeLessThan(days(filled('plastic-slotted', 12, 'bark-6-12')));
  });

  test('an air cone dries sooner than a flat base', () => {
    const cone = filled('plastic-clear-cone', 13, 'bark-6-12');
    const flat: PottedSetup = { ...cone, pot: { ...cone.pot, cone: null } };
    expect(days(cone)).toBeLessThan(days(flat));
  });

  test('a larger plant drinks the pot dry sooner', () => {
    const big = { ...drinker, leafAreaCm2: 1500 };
    expect(daysOf(dryingTime(potColumn(bark, big), room, 0.2))).toBeLessThan(days(bark));
  });

  test('plants with night-opening leaves drink chiefly at night', () => {
    const column = potColumn(bark, drinker);
    expect(hourClass(column, room.night, false).uptakeGH).toBeGreaterThan(
      3 * hourClass(column, room.day, true).uptakeGH,
    );
  });

  test('a reservoir outlasts a drained pot, two wicks keep it wetter than one', () => {
    const wicked = filled('wick-pot', 15, 'pumice-3-6');
    expect(days(wicked)).toBeGreaterThan(1.5 * days(filled('plastic-round', 15, 'pumice-3-6')));
    const { reservoir } = wicked.pot;
    if (reservoir.kind !== 'wicks') throw new Error('a wick pot has wicks');
    const two: PottedSetup = { ...wicked, pot: { ...wicked.pot, reservoir: { ...reservoir, wickCount: 2 } } };
    const wet = (setup: PottedSetup) => dryDown(potColumn(setup, drinker), room, 0.2).hours[24 * 7]!.availableShare;
    expect(wet(two)).toBeGreaterThan(wet(wicked));
  });

  test('packed moss holds less air and dries later than loose moss', () => {
    const air = (id: string) => {
      const column = potColumn(filled('plastic-round', 10, id), drinker);
      return rootZoneAir(column, createState(column));
    };
    expect(air('sphagnum-packed')).toBeLessThan(air('sphagnum-loose'));
    expect(days(filled('plastic-round', 10, 'sphagnum-packed'))).toBeGreaterThan(
      days(filled('plastic-round', 10, 'sphagnum-loose')),
    );
  });

  test('a thick pad outlasts a thin one, a thin one bare roots', () => {
    const pad = (thickness: number) =>
      daysOf(
        dryingTime(
          mountColumn(
            { kind: 'mount', mount: makeMount('mount-cork', 12, thickness), pad: pure('sphagnum-loose') },
            drinker,
          ),
          room,
          0.2,
        ),
      );
    expect(pad(2)).toBeGreaterThan(pad(1));
    expect(pad(1)).toBeGreaterThan(pad(0));
  });
});

describe('a year under a routine', () => {
  const column = buildColumn(filled('plastic-round', 12, 'bark-6-12'), drinker);
  const flat = yearDrying(demoPlaces[0]!);
  const report = (routine: Routine, holiday: { fromDay: number; days: number } | null = null) =>
    simulateYear(column, flat, routine, regimeFigures['wet-dry'], holiday);

  test('shares of every month add up to one, and waterings are counted', () => {
    const year = report({ kind: 'every', days: 7 });
    for (const month of year.months) expect(month.comfortable + month.tooDry + month.tooWet).toBeCloseTo(1, 12);
    expect(year.waterings).toBe(53);
    expect(report({ kind: 'weekdays', weekdays: [2, 6] }).waterings).toBe(104);
  });

  test('the longer the gap the more of the year is too dry', () => {
    const dry = [3, 6, 9, 14].map((gap) => report({ kind: 'every', days: gap }).tooDry);
    expect([...dry].sort((a, b) => a - b)).toEqual(dry);
    expect(dry[3]!).toBeGreaterThan(dry[0]!);
  });

  test('watering when it asks is never long too dry', () => {
    expect(report({ kind: 'when dry' }).tooDry).toBeLessThan(0.01);
  });

  test('a holiday leaves a dry spell as long as itself', () => {
    const away = report({ kind: 'every', days: 4 }, { fromDay: 200, days: 24 });
    expect(away.longestDrySpellDays).toBeGreaterThan(15);
    expect(report({ kind: 'every', days: 4 }).longestDrySpellDays).toBeLessThan(3);
  });

  test('rain waters a pot outdoors', () => {
    const terrace = yearDrying(demoPlaces[1]!);
    const rainless = terrace.map((month) => ({ ...month, rainMm: 0, rainDays: 0 }));
    const routine: Routine = { kind: 'every', days: 14 };
    expect(simulateYear(column, terrace, routine, regimeFigures['wet-dry']).tooDry).toBeLessThan(
      simulateYear(column, rainless, routine, regimeFigures['wet-dry']).tooDry,
    );
  });
});
