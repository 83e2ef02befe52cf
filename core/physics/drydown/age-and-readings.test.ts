import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { ORDINARY_CONDITIONS } from '../media';
import { constantPlace, yearDrying } from '../places';
import { buildCoarseColumn, buildColumn } from './build';
import { rootZoneWater } from './column';
import { regimeFigures } from './regime';
import type { Routine } from './routine';
import type { Drinker, PottedSetup } from './setup';
import { sampleComfort, simulateYear } from './year';

const drinker: Drinker = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const pot = makePot('plastic-round', 12);
const every = (days: number): Routine => ({ kind: 'every', days });

function filled(mediumId: string, months = 0, wall = 'plastic-round'): PottedSetup {
  const vessel = wall === 'plastic-round' ? pot : makePot(wall, 12);
  const age = months > 0 ? { months, conditions: ORDINARY_CONDITIONS } : undefined;
  return {
    kind: 'pot',
    pot: vessel,
    layers: [{ role: 'main', mix: [{ medium: mediumById(mediumId), parts: 1 }], heightCm: vessel.heightCm - 1, age }],
  };
}

const room = yearDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }));
const year = (setup: PottedSetup, days: number) =>
  simulateYear(buildColumn(setup, drinker), room, every(days), regimeFigures['wet-dry']);

describe('a pot of old bark (common practice, no source)', () => {
  test('holds more water and has less air through the year than new bark', () => {
    const fresh = year(filled('bark-6-12'), 5);
    const old = year(filled('bark-6-12', 36), 5);
    expect(old.months[0]!.meanAir).toBeLessThan(fresh.months[0]!.meanAir);
    expect(old.leastAir).toBeLessThan(fresh.leastAir);
    expect(old.tooWet).toBeGreaterThanOrEqual(fresh.tooWet);
  });

  test('pumice does not age', () => {
    expect(year(filled('pumice-3-6', 48), 5).comfortable).toBeCloseTo(year(filled('pumice-3-6'), 5).comfortable, 2);
  });
});

describe('readings of the root zone by month', () => {
  test('air lies between what is left after watering and all pores', () => {
    const { months, leastAir } = year(filled('bark-6-12'), 5);
    for (const month of months) {
      expect(month.meanAir).toBeGreaterThan(leastAir);
      expect(month.meanAir).toBeLessThan(0.8);
      expect(month.airC).toBeCloseTo(21, 6);
    }
  });

  test('evaporation cools the roots, through unglazed clay most of all', () => {
    const plastic = year(filled('sphagnum-loose'), 3).months[0]!;
    const clay = year(filled('sphagnum-loose', 0, 'clay-unglazed'), 3).months[0]!;
    expect(plastic.rootZoneC).toBeLessThan(21);
    expect(clay.rootZoneC).toBeLessThan(plastic.rootZoneC);
  });

  test('nobody waters during an absence', () => {
    const column = buildColumn(filled('bark-6-12'), drinker);
    const away = simulateYear(column, room, every(5), regimeFigures['wet-dry'], { fromDay: 0, days: 31 });
    expect(away.months[0]!.waterings).toBe(0);
    expect(away.months[1]!.waterings).toBeGreaterThan(3);
    expect(away.longestDrySpellDays).toBeGreaterThan(15);
  });
});

describe('the quick look', () => {
  test('few cells hold what many hold, to a hundredth or two', () => {
    for (const id of ['bark-6-12', 'peat-perlite', 'pumice-1-3']) {
      const fine = rootZoneWater(buildColumn(filled(id), drinker));
      const coarse = rootZoneWater(buildCoarseColumn(filled(id), drinker));
      expect(Math.abs(coarse.availableG / fine.availableG - 1)).toBeLessThan(0.02);
    }
  });

  test.each([
    ['bark-6-12', 4],
    ['bark-12-25', 7],
    ['sphagnum-loose', 7],
    ['pumice-3-6', 2],
  ])('%s every %i days: within a fifth of the whole year’s comfort', (id, days) => {
    const guess = sampleComfort(
      buildCoarseColumn(filled(id), drinker),
      room[0]!,
      every(days),
      days,
      regimeFigures['wet-dry'],
    );
    expect(Math.abs(guess - year(filled(id), days).comfortable)).toBeLessThan(0.2);
  });
});
