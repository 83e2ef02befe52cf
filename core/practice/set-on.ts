/** What some constants were set on: the days growers count, and a few published figures. */
import { mediumById } from '../catalogue/media';
import { makePot } from '../catalogue/vessels';
import {
  buildColumn,
  createState,
  type PlantWaterUse,
  evaporatedG,
  monthHours,
  type PottedSetup,
  stepHour,
  wettabilityAtFirst,
  wettedShare,
} from '../physics/drydown';
import { constantPlace, monthDrying } from '../physics/places';
import type { Check } from './check';
import { modelDaysOf, practiceCases } from './days';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };

function pot(potKindId: string, mediumId: string): PottedSetup {
  const vessel = makePot(potKindId, 12);
  const mix = [{ medium: mediumById(mediumId), parts: 1 }];
  return { kind: 'pot', pot: vessel, layers: [{ role: 'main', mix, heightCm: vessel.heightCm - 1 }] };
}

/** Evaporated in the first day from full at 21 °C and 50 %, g. */
function firstDayG(setup: PottedSetup): number {
  const column = buildColumn(setup, drinker);
  const state = createState(column);
  const month = monthDrying(constantPlace({ temperatureC: 21, relativeHumidityPct: 50, airflow: 'still room' }), 0);
  for (const hour of monthHours(column, month)) stepHour(column, hour, state);
  return evaporatedG(state);
}

const clayOverPlastic = (mediumId: string): number =>
  firstDayG(pot('clay-unglazed', mediumId)) / firstDayG(pot('plastic-round', mediumId));

function firstWettingPct(): number {
  const setup = pot('plastic-round', 'bark-6-12');
  const column = buildColumn(setup, drinker);
  column.wettability.fill(wettabilityAtFirst(setup.layers[0]!));
  return 100 * wettedShare(column, 0, 0, 0);
}

export const setChecks: readonly Check[] = [
  ...practiceCases.map((practice): Check => ({
    id: practice.id,
    name: practice.name,
    use: 'set',
    source: 'common practice',
    unit: 'days',
    range: practice.practiceDays,
    model: () => modelDaysOf(practice),
  })),
  {
    id: 'clay-loss-moss',
    name: 'unglazed clay loses, against plastic, filled with loose sphagnum',
    use: 'set',
    source: 'Bunt & Kulwiec 1971 (source from memory)',
    unit: 'times',
    range: [1.5, 2],
    model: () => clayOverPlastic('sphagnum-loose'),
  },
  {
    id: 'clay-loss-bark',
    name: 'the same, filled with fine bark',
    use: 'set',
    source: 'Bunt & Kulwiec 1971 (source from memory)',
    unit: 'times',
    range: [1.5, 2],
    model: () => clayOverPlastic('bark-3-6'),
  },
  {
    id: 'first-wetting',
    name: 'dry new bark, share of its capacity that the first watering puts in',
    use: 'set',
    source: 'Fonteno, Fields & Jackson 2013 (source from memory)',
    unit: '%',
    range: [40, 70],
    model: firstWettingPct,
  },
];
