import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { ORDINARY_CONDITIONS } from '../media';
import {
  buildCoarseColumn,
  buildColumn,
  buildYearColumn,
  type PlantWaterUse,
  type PottedSetup,
  rootZoneWater,
  type Routine,
} from '../drydown';
import { constantPlace, yearDrying } from '../places';
import { usualFeeding } from '../salt';
import { regimeFigures, type RootNeeds, saltToleranceDsM, warmthOf } from '../stress';
import type { YearRoutine } from './kept-pot';
import { sampleHealth, simulateYear } from './year';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
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
const needs: RootNeeds = {
  regime: regimeFigures['wet-dry'],
  airNeed: 0.35,
  warmth: warmthOf.warm,
  saltToleranceDsM: saltToleranceDsM.medium,
  takesToWater: false,
};
const care = (days: number): YearRoutine => ({
  routine: every(days),
  feeding: usualFeeding(false),
  holiday: null,
  flushes: true,
});
const year = (setup: PottedSetup, days: number) =>
  simulateYear(buildYearColumn(setup, drinker), room, care(days), needs);

describe('a pot of old bark (common practice, no source)', () => {
  test('holds more water and has less air through the year than new bark', () => {
    const fresh = year(filled('bark-6-12'), 5);
    const old = year(filled('bark-6-12', 36), 5);
    expect(old.months[0]!.meanAir).toBeLessThan(fresh.months[0]!.meanAir);
    expect(old.leastAir).toBeLessThan(fresh.leastAir);
    expect(old.stress.air).toBeGreaterThan(fresh.stress.air);
  });

  test('pumice does not age, but the roots that fill it take its air', () => {
    const [fresh, old] = [year(filled('pumice-3-6'), 5), year(filled('pumice-3-6', 48), 5)];
    expect(old.leastAir).toBeLessThan(fresh.leastAir);
    expect(old.leastAir).toBeGreaterThan(fresh.leastAir - 0.15);
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
    const away = simulateYear(column, room, { ...care(5), holiday: { fromDay: 0, days: 31 } }, needs);
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
    ['sphagnum-packed', 4],
    ['pumice-3-6', 2],
  ])('%s every %i days: within a fifth of the whole year’s root health', (id, days) => {
    const guess = sampleHealth(buildCoarseColumn(filled(id), drinker), room[0]!, care(days), days, needs, 0);
    expect(Math.abs(guess - year(filled(id), days).rootHealth)).toBeLessThan(0.2);
  });

  // What is broken off must decide as the whole look would: beyond what is worth while, and only there, it may say too much.
  test.each(['bark-6-12', 'sphagnum-packed', 'pumice-3-6', 'peat-perlite'])(
    '%s: broken off early it says the same where it matters',
    (id) => {
      const column = buildCoarseColumn(filled(id), drinker);
      for (const days of [2, 6, 12]) {
        const look = (worthFrom: number) => sampleHealth(column, room[0]!, care(days), days, needs, 0, worthFrom);
        const whole = look(0);
        for (const worthFrom of [0.05, 0.3, 0.6, 0.9, 1]) {
          const guess = look(worthFrom);
          if (whole >= worthFrom) expect(guess).toBe(whole);
          else {
            expect(guess).toBeLessThan(worthFrom);
            expect(guess).toBeGreaterThanOrEqual(whole);
          }
        }
      }
    },
  );
});
