/**
 * What an expert says at a glance of plant, pot, air and routine, and what the year says (common practice, no source).
 * None sits on a line: a fine year has little stress, a harmful one much, and small changes move neither.
 */
import { genusById } from '../../catalogue/genera';
import { mediumById } from '../../catalogue/media';
import { demoPlaces } from '../../catalogue/places';
import { makeMount, makePot } from '../../catalogue/vessels';
import {
  buildShownColumn,
  type PlantWaterUse,
  type MountedSetup,
  type PottedSetup,
  type Routine,
  type Setup,
} from '../drydown';
import { constantPlace, type Place, yearDrying } from '../places';
import { usualFeeding } from '../salt';
import { asleepFigures, regimeFigures, saltToleranceDsM, type StressKind, warmthOf } from '../stress';
import type { YearReport } from './tally';
import { simulateYear } from './year';

interface Scene {
  readonly genus: string;
  readonly setup: Setup;
  readonly place: Place;
  readonly routine: Routine;
  readonly leafAreaCm2?: number;
  readonly rootVolumeL?: number;
  readonly isAsleep?: boolean;
  readonly awayDays?: number;
}

const mix = (mediumId: string) => [{ medium: mediumById(mediumId), parts: 1 }];

function pot(potKindId: string, rimDiameterCm: number, mediumId: string): PottedSetup {
  const vessel = makePot(potKindId, rimDiameterCm);
  return { kind: 'pot', pot: vessel, layers: [{ role: 'main', mix: mix(mediumId), heightCm: vessel.heightCm - 1 }] };
}

function mount(widthCm: number, padThicknessCm: number): MountedSetup {
  return { kind: 'mount', mount: makeMount('mount-cork', widthCm, padThicknessCm), pad: mix('sphagnum-loose') };
}

type Airflow = Parameters<typeof constantPlace>[0]['airflow'];
const air = (temperatureC: number, relativeHumidityPct: number, airflow: Airflow = 'still room'): Place =>
  constantPlace({ temperatureC, relativeHumidityPct, airflow });
const porch = constantPlace({
  temperatureC: 24,
  relativeHumidityPct: 75,
  airflow: 'sheltered outdoors',
  lightWattsPerM2: 80,
  outdoor: true,
});
const tropics = constantPlace({
  temperatureC: 28,
  relativeHumidityPct: 80,
  airflow: 'sheltered outdoors',
  lightWattsPerM2: 90,
  outdoor: true,
});
const dailyRain: Place = {
  ...tropics,
  months: tropics.months.map((month) => ({ ...month, rainMm: 300, rainDays: 30 })),
};
const flat = demoPlaces.find((place) => place.id === 'heated-flat')!;
const every = (days: number): Routine => ({ kind: 'every', days });
const soaked = (days: number): Routine => ({ kind: 'every', days, way: 'soak', soakMinutes: 20 });

function yearOf(scene: Scene): YearReport {
  const genus = genusById(scene.genus);
  const drinker: PlantWaterUse = {
    leafAreaCm2: scene.leafAreaCm2 ?? genus.leafAreaPerShootCm2,
    photosynthesis: genus.photosynthesis,
    rootVolumeL: scene.rootVolumeL ?? 0.08,
    rootDiameterMm: Math.sqrt(genus.rootThinnestMm * genus.rootThickestMm),
  };
  const column = buildShownColumn(scene.setup, drinker);
  const holiday = scene.awayDays === undefined ? null : { fromDay: 150, days: scene.awayDays };
  return simulateYear(
    column,
    yearDrying(scene.place),
    {
      routine: scene.routine,
      feeding: usualFeeding(genus.saltTolerance === 'low', scene.routine.kind === 'misting'),
      holiday,
      flushes: true,
    },
    {
      regime: scene.isAsleep ? asleepFigures : regimeFigures[genus.regime],
      airNeed: genus.airNeed,
      warmth: warmthOf[genus.temperature],
      saltToleranceDsM: saltToleranceDsM[genus.saltTolerance],
      takesToWater: column.reservoirCapacityG > 0 && genus.overReservoir !== 'never',
    },
  );
}

/** The same place a little damper and warmer, or drier and cooler. */
function shifted(place: Place, points: number, degrees: number): Place {
  const half = (air: Place['months'][number]['day']) => ({
    temperatureC: air.temperatureC + degrees,
    relativeHumidityPct: Math.min(98, Math.max(5, air.relativeHumidityPct + points)),
  });
  return {
    ...place,
    months: place.months.map((month) => ({ ...month, day: half(month.day), night: half(month.night) })),
  };
}

const phalaenopsisInBark = { genus: 'phalaenopsis', setup: pot('plastic-round', 12, 'bark-6-12') };

describe('harm, and by what', () => {
  const scenes: readonly (readonly [string, StressKind, Scene])[] = [
    [
      'slipper in packed moss, 21 cm plastic, 10 °C root zone, watered daily',
      'air',
      {
        genus: 'paphiopedilum',
        setup: pot('plastic-round', 21, 'sphagnum-packed'),
        place: air(11, 70),
        routine: every(1),
      },
    ],
    [
      'Phalaenopsis, packed moss, 12 cm, weekly, heated flat',
      'air',
      { genus: 'phalaenopsis', setup: pot('plastic-round', 12, 'sphagnum-packed'), place: flat, routine: every(7) },
    ],
    [
      'Vanda, bare roots, 34 % humidity, soaked every third day',
      'drought',
      { genus: 'vanda', setup: mount(15, 0), place: air(22, 34), routine: soaked(3), rootVolumeL: 0.15 },
    ],
    ...['cattleya-unifoliate', 'phalaenopsis', 'bulbophyllum', 'dendrobium-kingianum', 'masdevallia'].map(
      (genus): readonly [string, StressKind, Scene] => [
        `${genus}, bare mount at 15 % humidity under a fan, misted once a day`,
        'drought',
        { genus, setup: mount(12, 0), place: air(22, 15, 'fan'), routine: { kind: 'misting', timesADay: 1 } },
      ],
    ),
    [
      'Tolumnia type over a side-hole reservoir',
      'air',
      {
        genus: 'oncidium-equitant',
        setup: pot('side-hole-pot', 10, 'clay-pebbles-8-16'),
        place: air(23, 60),
        routine: every(5),
      },
    ],
    [
      'Tolumnia type over wicks',
      'air',
      { genus: 'oncidium-equitant', setup: pot('wick-pot', 10, 'pumice-3-6'), place: air(23, 60), routine: every(5) },
    ],
    [
      'sleeping leafless bulbs in damp moss',
      'air',
      {
        genus: 'catasetum',
        setup: pot('plastic-round', 12, 'sphagnum-loose'),
        place: air(18, 60),
        routine: every(7),
        isAsleep: true,
        leafAreaCm2: 5,
      },
    ],
    [
      'cool Masdevallia group, summer room at 28 °C, moss in clay',
      'heat',
      { genus: 'masdevallia', setup: pot('clay-unglazed', 9, 'sphagnum-loose'), place: air(28, 60), routine: every(2) },
    ],
    [
      'the same in plastic',
      'heat',
      { genus: 'masdevallia', setup: pot('plastic-round', 9, 'bark-6-12'), place: air(28, 60), routine: every(3) },
    ],
    // Ten of our own, harmful and fine.
    [
      'Phalaenopsis in bark, heated flat, watered every third week',
      'drought',
      { ...phalaenopsisInBark, place: flat, routine: every(21) },
    ],
    [
      'Cattleya in fine wet peat, cool room, watered every second day',
      'air',
      {
        genus: 'cattleya-unifoliate',
        setup: pot('plastic-round', 14, 'peat-perlite'),
        place: air(16, 70),
        routine: every(2),
      },
    ],
    [
      'Miltoniopsis in coarse bark in clay, dry room, weekly',
      'drought',
      { genus: 'miltoniopsis', setup: pot('clay-unglazed', 10, 'bark-12-25'), place: air(20, 40), routine: every(7) },
    ],
    [
      'Vanda in an unheated lean-to at 6 °C',
      'cold',
      { genus: 'vanda', setup: pot('slat-basket', 20, 'charcoal-8-16'), place: air(6, 80), routine: every(7) },
    ],
  ];

  test.each(scenes)('%s: harm by %s', (_name, kind, scene) => {
    const year = yearOf(scene);
    expect(year.worst).toBe(kind);
    expect(year.harmDays).toBeGreaterThan(230);
    expect(year.stress[kind]).toBeGreaterThan(0.54);
  });

  test.each(scenes)(
    '%s: no line is near: five points of humidity either way, and a degree, leave it',
    (_name, kind, scene) => {
      for (const [points, degrees] of [
        [5, 1],
        [-5, -1],
      ] as const) {
        const year = yearOf({ ...scene, place: shifted(scene.place, points, degrees) });
        expect(year.worst).toBe(kind);
        expect(year.harmDays).toBeGreaterThan(150);
      }
    },
  );

  test('feed every time and never a drop through: harm by salts', () => {
    const genus = genusById('miltoniopsis');
    const column = buildShownColumn(pot('side-hole-pot', 12, 'clay-pebbles-4-8'), {
      leafAreaCm2: 400,
      photosynthesis: 'C3',
      rootVolumeL: 0.05,
      rootDiameterMm: 1.5,
    });
    const year = simulateYear(
      column,
      yearDrying(air(19, 55)),
      { routine: every(4), feeding: { waterDsM: 0.8, feedDsM: 2.2, everyDays: 1 }, holiday: null, flushes: false },
      {
        regime: regimeFigures[genus.regime],
        airNeed: genus.airNeed,
        warmth: warmthOf[genus.temperature],
        saltToleranceDsM: saltToleranceDsM.low,
        takesToWater: true,
      },
    );
    expect(year.worst).toBe('salt');
    expect(year.harmDays).toBeGreaterThan(230);
  });
});

describe('fine', () => {
  const scenes: readonly (readonly [string, Scene])[] = [
    [
      'expanded clay over side holes, roots grown in it, topped up daily',
      {
        genus: 'phalaenopsis',
        setup: pot('side-hole-pot', 15, 'clay-pebbles-8-16'),
        place: air(21, 50),
        routine: every(1),
      },
    ],
    [
      'airy stones in daily tropical rain, Vanda',
      { genus: 'vanda', setup: pot('slat-basket', 20, 'lava-16-32'), place: dailyRain, routine: every(30) },
    ],
    [
      'Cattleya type, coarse bark in clay, humid porch, every third day',
      {
        genus: 'cattleya-unifoliate',
        setup: pot('clay-unglazed', 14, 'bark-12-25'),
        place: porch,
        routine: every(3),
        leafAreaCm2: 360,
      },
    ],
    [
      'Vanda, bare roots at 70 %, soaked daily',
      { genus: 'vanda', setup: mount(15, 0), place: air(25, 70, 'draught'), routine: soaked(1), rootVolumeL: 0.15 },
    ],
    [
      'Masdevallia in loose moss, 15 °C and 75 %, every fifth day',
      { genus: 'masdevallia', setup: pot('plastic-round', 9, 'sphagnum-loose'), place: air(15, 75), routine: every(5) },
    ],
    [
      'Cattleya on a bare mount at 75 %, misted three times a day',
      {
        genus: 'cattleya-unifoliate',
        setup: mount(12, 0),
        place: air(24, 75, 'draught'),
        routine: { kind: 'misting', timesADay: 3 },
      },
    ],
    [
      'Phalaenopsis in bark, heated flat, when it asks',
      { ...phalaenopsisInBark, place: flat, routine: { kind: 'when dry' } },
    ],
    [
      'slipper in fine bark, temperate room, every fifth day',
      { genus: 'paphiopedilum', setup: pot('plastic-round', 11, 'bark-3-6'), place: air(20, 60), routine: every(5) },
    ],
  ];

  test.each(scenes)('%s', (_name, scene) => {
    const year = yearOf(scene);
    expect(year.fineDays).toBeGreaterThan(330);
    expect(year.harmDays).toBeLessThan(3);
  });

  test.each(scenes)('%s: five points of humidity either way, and a degree, do no harm', (_name, scene) => {
    for (const [points, degrees] of [
      [5, 1],
      [-5, -1],
    ] as const) {
      expect(yearOf({ ...scene, place: shifted(scene.place, points, degrees) }).harmDays).toBeLessThan(10);
    }
  });
});

test('Phalaenopsis in bark, heated flat, weekly: fine in summer, at most to watch in winter', () => {
  const { months } = yearOf({ ...phalaenopsisInBark, place: flat, routine: every(7), leafAreaCm2: 450 });
  for (const summer of [5, 6, 7]) expect(months[summer]!.fineDays).toBeGreaterThan(25);
  for (const month of months) expect(month.harmDays).toBeLessThan(1);
});

test('the same every 1 to 5 days at 15 °C and 80 %: from wet, by degrees, to fine', () => {
  const years = [1, 1.5, 2, 2.5, 3, 3.5, 4, 5].map((days) =>
    yearOf({ ...phalaenopsisInBark, place: air(15, 80), routine: every(days) }),
  );
  const airStress = years.map((year) => year.stress.air);
  airStress.slice(1).forEach((stress, i) => {
    expect(stress).toBeLessThan(airStress[i]!);
    expect(airStress[i]! - stress).toBeLessThan(0.15);
  });
  // Every second day is a year to watch, and no more; every fourth is fine.
  expect(years[2]!.watchDays).toBeGreaterThan(300);
  expect(years[2]!.harmDays).toBeLessThan(3);
  expect(years[6]!.fineDays).toBeGreaterThan(330);
});

test('the side-hole pot with its water used up and left so for twelve days: harm by drought, then recovery', () => {
  const topped = {
    genus: 'phalaenopsis',
    setup: pot('side-hole-pot', 15, 'clay-pebbles-8-16'),
    place: air(21, 50),
    routine: every(1),
  };
  // Its water lasts nine to ten days, the pebbles some days more: away for twelve days beyond that.
  const { months } = yearOf({ ...topped, awayDays: 26 });
  const june = months[5]!;
  expect(june.worst).toBe('drought');
  expect(june.harmBy.drought).toBeGreaterThan(8);
  expect(months[7]!.fineDays).toBeGreaterThan(30);
});

test('one wick between 2 and 12 g/h: the verdict does not flip', () => {
  const healths = [2, 3, 4, 6, 9, 12].map((flowGH) => {
    const setup = pot('wick-pot', 15, 'pumice-3-6');
    const { reservoir } = setup.pot;
    if (reservoir.kind !== 'wicks') throw new Error('a wick pot has wicks');
    const fed = { ...setup, pot: { ...setup.pot, reservoir: { ...reservoir, wickCount: flowGH / 6 } } };
    const year = yearOf({ genus: 'phalaenopsis', setup: fed, place: air(21, 50), routine: every(7) });
    expect(year.fineDays).toBeGreaterThan(330);
    return year.rootHealth;
  });
  expect(Math.max(...healths) - Math.min(...healths)).toBeLessThan(0.1);
});

test('days and kinds add up, month by month and over the year', () => {
  const year = yearOf({ ...phalaenopsisInBark, place: flat, routine: every(12) });
  const sum = (values: Readonly<Record<string, number>>) =>
    Object.values(values).reduce((all, value) => all + value, 0);
  expect(year.fineDays + year.watchDays + year.harmDays).toBeCloseTo(365, 9);
  expect(sum(year.harmBy)).toBeCloseTo(year.harmDays, 9);
  expect(sum(year.watchBy)).toBeCloseTo(year.watchDays, 9);
  year.months.forEach((month, i) => {
    const days = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][i]!;
    expect(month.fineDays + month.watchDays + month.harmDays).toBeCloseTo(days, 9);
    for (const stress of Object.values(month.stress)) {
      expect(stress).toBeGreaterThanOrEqual(0);
      expect(stress).toBeLessThanOrEqual(1);
    }
  });
  expect(year.rootHealth).toBeGreaterThan(0);
  expect(year.rootHealth).toBeLessThan(1);
});
