/**
 * Published figures that set no constant of the model. Sources are from memory until somebody has looked them up.
 */
import { HOURS_PER_DAY } from '../base';
import { mediumById } from '../catalogue/media';
import { makePot } from '../catalogue/vessels';
import { dryingAir, openSurfaceMmPerDay } from '../physics/air';
import {
  buildColumn,
  createState,
  daysOf,
  type PlantWaterUse,
  dryingTime,
  leafConductance,
  monthHours,
  type PottedSetup,
  rootZoneC,
  stepHour,
  totalWaterG,
} from '../physics/drydown';
import { airFilledPorosity, containerCapacity, hydraulicsOf, type MediumFigures } from '../physics/media';
import { constantPlace, monthDrying } from '../physics/places';
import { rainOfMonth } from '../physics/year';
import type { Check } from './check';
import { leachedRatio } from './leaching';

const memory = (publication: string): string => `${publication} (source from memory)`;

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const growing = { lightWM2: 65, lightHours: 12 };
const MMOL = 1000;
const HALF_DAY_S = 12 * 3600;
const SEA_LEVEL_KPA = 101.325;

/** The C of Terzaghi's rule, mm², that a capillary rise in a sand of given d10 stands for (void ratio 0.6). */
const capillaryC = (riseCm: number, d10Mm: number): number => riseCm * 10 * 0.6 * d10Mm;

/** Water a medium holds at 10 cm, times its dry weight. */
function timesDryWeight(medium: MediumFigures): number {
  return (containerCapacity(hydraulicsOf(medium), 10) * 1000) / medium.dryDensityGL;
}

function plainPot(mediumId: string, topMediumId: string | null, potKindId = 'plastic-round'): PottedSetup {
  const pot = makePot(potKindId, 12);
  const topCm = topMediumId === null ? 0 : 2;
  const main = {
    role: 'main' as const,
    mix: [{ medium: mediumById(mediumId), parts: 1 }],
    heightCm: pot.heightCm - 1 - topCm,
  };
  if (topMediumId === null) return { kind: 'pot', pot, layers: [main] };
  const top = { role: 'top dressing' as const, mix: [{ medium: mediumById(topMediumId), parts: 1 }], heightCm: topCm };
  return { kind: 'pot', pot, layers: [main, top] };
}

/** Lost in two days from full, and the mean warmth of the root zone, in steady air. */
function twoDays(setup: PottedSetup, temperatureC: number, relativeHumidityPct: number, plant: PlantWaterUse) {
  const column = buildColumn(setup, plant);
  const state = createState(column);
  const before = totalWaterG(column, state);
  const month = monthDrying(constantPlace({ temperatureC, relativeHumidityPct, airflow: 'still room' }), 0);
  let warmth = 0;
  for (let day = 0; day < 2; day += 1) {
    for (const hour of monthHours(column, month)) {
      stepHour(column, hour, state);
      warmth += (rootZoneC(state) ?? temperatureC) / (2 * HOURS_PER_DAY);
    }
  }
  return { lostG: before - totalWaterG(column, state), meanC: warmth };
}

const leafless: PlantWaterUse = { ...drinker, leafAreaCm2: 5, rootVolumeL: 0.001 };

function mulchSaves(): number {
  const bare = twoDays(plainPot('peat-perlite', null), 25, 40, leafless).lostG;
  const mulched = twoDays(plainPot('peat-perlite', 'gravel-4-8'), 25, 40, leafless).lostG;
  return 100 * (1 - mulched / bare);
}

function camMolesPerDay(deficitKPa: number): number {
  return [true, false].reduce(
    (sum, isDay) =>
      sum + (leafConductance('CAM', isDay, growing, deficitKPa) * deficitKPa * HALF_DAY_S) / SEA_LEVEL_KPA,
    0,
  );
}

/** CAM water at night: long bright summer days against short dim winter ones, in the same air. */
function summerOverWinter(): number {
  const night = (light: typeof growing) => leafConductance('CAM', false, light, 0.8) * (24 - light.lightHours);
  return night({ lightWM2: 50, lightHours: 16 }) / night({ lightWM2: 15, lightHours: 9 });
}

function bareRootHours(rootDiameterMm: number): number {
  const column = buildColumn(
    {
      kind: 'mount',
      mount: {
        kind: 'mount',
        potKindId: 'mount-cork',
        material: 'cork',
        widthCm: 12,
        heightCm: 18,
        padThicknessCm: 0,
        isLying: false,
      },
      pad: [{ medium: mediumById('sphagnum-loose'), parts: 1 }],
    },
    { ...leafless, rootVolumeL: 0.05, rootDiameterMm },
  );
  const month = monthDrying(constantPlace({ temperatureC: 22, relativeHumidityPct: 33, airflow: 'still room' }), 0);
  return daysOf(dryingTime(column, month, 0.05)) * HOURS_PER_DAY;
}

/** Mean dry spell of a month with ten rain days of thirty, days. */
function drySpellDays(): number {
  const wet = rainOfMonth(30, 100, 10).map((mm) => mm > 0);
  const spells: number[] = [];
  let dry = 0;
  wet.forEach((isWet, day) => {
    if (!isWet) dry += 1;
    // A spell cut off by the month's ends tells nothing of its length.
    if (isWet && dry > 0) {
      if (dry < day) spells.push(dry);
      dry = 0;
    }
  });
  return spells.reduce((sum, days) => sum + days, 0) / spells.length;
}

const peat = mediumById('peat-perlite');

export const heldOutChecks: readonly Check[] = [
  {
    id: 'capillary-rise',
    name: 'capillary rise of 2.5, 6.5 and 13.5 cm in sands of 2-5, 1-2 and 0.5-1 mm, as C of the rule that is used',
    use: 'held out',
    source: memory('Lohman 1972'),
    unit: 'mm²',
    range: [10, 50],
    model: () => (capillaryC(2.5, 2.2) + capillaryC(6.5, 1.1) + capillaryC(13.5, 0.55)) / 3,
  },
  {
    id: 'perlite-capacity',
    name: 'coarse perlite, container capacity',
    use: 'held out',
    source: memory('Handreck & Black, Growing Media for Ornamental Plants and Turf'),
    unit: '%',
    range: [20, 40],
    model: () => 100 * containerCapacity(hydraulicsOf(mediumById('perlite-3-6')), 10),
  },
  {
    id: 'perlite-air',
    name: 'coarse perlite, air-filled porosity',
    use: 'held out',
    source: memory('Handreck & Black, Growing Media for Ornamental Plants and Turf'),
    unit: '%',
    range: [30, 55],
    model: () => 100 * airFilledPorosity(hydraulicsOf(mediumById('perlite-3-6')), 10),
  },
  {
    id: 'sphagnum-water',
    name: 'loose sphagnum holds, times its dry weight',
    use: 'held out',
    source: memory('handbooks of peat and moss'),
    unit: '',
    range: [15, 20],
    model: () => timesDryWeight(mediumById('sphagnum-loose')),
  },
  {
    id: 'peat-air-by-height',
    name: 'peat-based mix, air gained from containers 5 cm high to 15 cm high',
    use: 'held out',
    source: memory('Bilderback & Fonteno 1987'),
    unit: 'points',
    range: [8, 18],
    model: () => 100 * (airFilledPorosity(hydraulicsOf(peat), 15) - airFilledPorosity(hydraulicsOf(peat), 5)),
  },
  {
    id: 'peat-air-15',
    name: 'peat-based mix, air-filled porosity in containers 15 cm high',
    use: 'held out',
    source: memory('Bilderback & Fonteno 1987'),
    unit: '%',
    range: [15, 25],
    model: () => 100 * airFilledPorosity(hydraulicsOf(peat), 15),
    reason: 'ours is half perlite, theirs a finer nursery mix; both gain the same with height',
  },
  {
    id: 'open-surface',
    name: 'open wet surface at 30 °C, 75 %, light breeze, 17 MJ/m² a day',
    use: 'held out',
    source: memory('Penman 1948, reckoned by hand'),
    unit: 'mm/day',
    range: [5.4, 7.4],
    model: () =>
      openSurfaceMmPerDay(
        dryingAir({ temperatureC: 30, relativeHumidityPct: 75, speedMS: 0.8, radiationWM2: 17e6 / 86400 }),
        1,
      ),
  },
  {
    id: 'gravel-mulch',
    name: '2 cm of gravel save of what bare soil evaporates',
    use: 'held out',
    source: memory('Modaihsh 1985'),
    unit: '%',
    range: [60, 80],
    model: mulchSaves,
    reason: 'air moves between our gravel of 4-8 mm more freely than through a finer mulch',
  },
  {
    id: 'cam-night',
    name: 'Phalaenopsis, leaf conductance at night at 0.8 kPa',
    use: 'held out',
    source: memory('Guo & Lee 2006'),
    unit: 'mmol/(m²·s)',
    range: [10, 30],
    model: () => MMOL * leafConductance('CAM', false, growing, 0.8),
  },
  {
    id: 'cam-day-water',
    name: 'CAM leaf in growing light, water a day at 1.2 kPa',
    use: 'held out',
    source: memory('Guo & Lee 2006, with the ratios of Nobel'),
    unit: 'mol/m²',
    range: [12, 36],
    model: () => camMolesPerDay(1.2),
  },
  {
    id: 'cam-dry-air',
    name: 'the same in very dry air, 6.7 kPa',
    use: 'held out',
    source: memory('Nobel, Physicochemical and Environmental Plant Physiology'),
    unit: 'mol/m²',
    range: [0, 36],
    model: () => camMolesPerDay(6.7),
  },
  {
    id: 'cam-season',
    name: 'CAM water at night, summer over winter in the same air',
    use: 'held out',
    source: memory('Nobel, Physicochemical and Environmental Plant Physiology'),
    unit: '',
    range: [1, 4],
    model: summerOverWinter,
  },
  {
    id: 'slipper-day',
    name: 'slipper orchids, leaf conductance by day at 0.9 kPa',
    use: 'held out',
    source: memory('Assmann & Zeiger 1985'),
    unit: 'mmol/(m²·s)',
    range: [20, 80],
    model: () => MMOL * leafConductance('C3', true, { lightWM2: 50, lightHours: 12 }, 0.9),
  },
  {
    id: 'clay-cooling',
    name: 'root zone in unglazed clay cooler than the air, fine bark at 25 °C, 40 %',
    use: 'held out',
    source: memory('Bunt & Kulwiec 1970'),
    unit: 'K',
    range: [2, 4],
    model: () => 25 - twoDays(plainPot('bark-3-6', null, 'clay-unglazed'), 25, 40, drinker).meanC,
  },
  {
    id: 'aerial-root',
    name: 'thick aerial root of 8 mm at 33 % dries in',
    use: 'held out',
    source: memory('Zotz & Winkler 2013'),
    unit: 'h',
    range: [2, 8],
    model: () => bareRootHours(8),
  },
  {
    id: 'leaching',
    name: 'EC of the drainage over EC of the water, times the leaching fraction (0.2 run through)',
    use: 'held out',
    source: memory('Ayers & Westcot 1985, FAO Irrigation and Drainage Paper 29'),
    unit: '',
    range: [0.75, 1.02],
    model: leachedRatio,
  },
  {
    id: 'dry-spell',
    name: 'mean dry spell with ten rain days of thirty',
    use: 'held out',
    source: memory('Geng, Penning de Vries & Supit 1986'),
    unit: 'days',
    range: [3, 5],
    model: drySpellDays,
  },
];
