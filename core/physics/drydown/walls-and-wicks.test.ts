/** Unglazed clay, wicks and the warmth of the root zone. */
import { HOURS_PER_DAY } from '../../base';
import { mediumById } from '../../catalogue/media';
import { makePot } from '../../catalogue/vessels';
import { constantPlace, type MonthDrying, monthDrying } from '../places';
import { buildColumn } from './build';
import { monthHours } from './dry-down';
import { stepHour } from './hour';
import { availableShare } from './root-zone';
import type { PlantWaterUse, PottedSetup } from './setup';
import { createState, evaporatedG, reservoirG, rootZoneC, takenUpG } from './state';
import { wickFlowShare, wickRunOf } from './wick';

const drinker: PlantWaterUse = { leafAreaCm2: 350, photosynthesis: 'CAM', rootVolumeL: 0.07, rootDiameterMm: 4 };
const air = (temperatureC: number, relativeHumidityPct: number, lightWattsPerM2 = 20): MonthDrying =>
  monthDrying(constantPlace({ temperatureC, relativeHumidityPct, airflow: 'still room', lightWattsPerM2 }), 0);

function filled(potKindId: string, mediumId: string, rim = 12, months = 0): PottedSetup {
  const pot = makePot(potKindId, rim);
  const age = months > 0 ? { months, conditions: { temperatureC: 20, wetness: 0.5 } } : undefined;
  const mix = [{ medium: mediumById(mediumId), parts: 1 }];
  return { kind: 'pot', pot, layers: [{ role: 'main', mix, heightCm: pot.heightCm - 1, age }] };
}

/** A day from full: what evaporated, g, and the mean warmth of the root zone, °C. */
function aDay(setup: PottedSetup, month: MonthDrying): { readonly lostG: number; readonly meanC: number } {
  const column = buildColumn(setup, drinker);
  const state = createState(column);
  let sum = 0;
  for (const hour of monthHours(column, month)) {
    stepHour(column, hour, state);
    sum += rootZoneC(state)!;
  }
  return { lostG: evaporatedG(state), meanC: sum / HOURS_PER_DAY };
}

describe('unglazed clay', () => {
  const ordinary = ['sphagnum-loose', 'bark-3-6', 'bark-6-12', 'pumice-3-6', 'peat-perlite', 'fired-clay-2-5'];

  test.each(ordinary)('%s loses 1.5 to 2 times what it loses in plastic', (mediumId) => {
    // Bunt & Kulwiec 1971: 1.5 to 2 times in ordinary media (source from memory).
    const month = air(21, 50);
    const ratio =
      aDay(filled('clay-unglazed', mediumId), month).lostG / aDay(filled('plastic-round', mediumId), month).lostG;
    expect(ratio).toBeGreaterThan(1.5);
    expect(ratio).toBeLessThan(2.05);
  });

  test('in warm dry air the root zone is 2 to 4 K cooler than the air', () => {
    // Bunt & Kulwiec 1970 (source from memory).
    for (const mediumId of ordinary.slice(0, 4)) {
      const cooler = 25 - aDay(filled('clay-unglazed', mediumId), air(25, 40)).meanC;
      expect(cooler).toBeGreaterThan(1.9);
      expect(cooler).toBeLessThan(4);
    }
  });

  test('a 12 cm pot’s wall holds 46 to 64 g', () => {
    const column = buildColumn(filled('clay-unglazed', 'bark-6-12'), drinker);
    const wallG = column.wallG.reduce((sum, grams) => sum + grams, 0);
    expect(wallG).toBeGreaterThan(46);
    expect(wallG).toBeLessThan(64);
  });

  test('sun on the walls dries them, divided by all that evaporates: no more heat leaves as vapour than came in', () => {
    const lit = filled('clay-unglazed', 'sphagnum-loose');
    const gain = aDay(lit, air(25, 60, 200)).lostG - aDay(lit, air(25, 60, 0)).lostG;
    const column = buildColumn(lit, drinker);
    const mostG = (200 * column.radiantAreaM2 * 12 * 3600) / 2450;
    expect(gain).toBeGreaterThan(0.15 * mostG);
    expect(gain).toBeLessThan(mostG);
  });

  test('what a medium cannot bring to the wall the wall cannot lose', () => {
    const month = air(21, 50);
    const share = (mediumId: string) => {
      const column = buildColumn(filled('clay-unglazed', mediumId), drinker);
      return monthHours(column, month)[0]!.wallGH.reduce((sum, grams) => sum + grams, 0);
    };
    expect(share('pebbles-16-32')).toBeLessThan(0.2 * share('bark-3-6'));
    expect(share('bark-3-6')).toBeLessThan(share('peat-perlite'));
  });
});

describe('wicks', () => {
  test('their flow falls with the lift, with age and on a sinking level', () => {
    const fresh = wickRunOf(0.4, 100, 0);
    expect(wickFlowShare(fresh, 1)).toBeGreaterThan(wickFlowShare(fresh, 0.5));
    expect(wickFlowShare(fresh, 0.5)).toBeGreaterThan(wickFlowShare(fresh, 0));
    expect(wickFlowShare(wickRunOf(0.4, 100, 36), 1)).toBeCloseTo(0.5 * wickFlowShare(fresh, 1), 9);
  });

  /** How wet the pot stands over a reservoir filled up every day, day by day. */
  function settling(mediumId: string, startWetness: number): number[] {
    const column = buildColumn(filled('wick-pot', mediumId, 15), drinker);
    const state = createState(column);
    state.wetness.fill(startWetness);
    const hours = monthHours(column, air(21, 60));
    return Array.from({ length: 60 }, () => {
      state.totals[0] = column.reservoirCapacityG;
      for (const hour of hours) stepHour(column, hour, state);
      return availableShare(column, state);
    });
  }

  test.each(['pumice-3-6', 'peat-perlite', 'fired-clay-2-5'])(
    '%s settles from dry and from wet at the same wetness, and is never flooded',
    (mediumId) => {
      const [fromDry, fromWet] = [settling(mediumId, 0.3), settling(mediumId, 1)];
      expect(Math.abs(fromDry[59]! - fromWet[59]!)).toBeLessThan(0.03);
      for (const share of [...fromDry, ...fromWet]) expect(share).toBeLessThanOrEqual(1 + 1e-9);
      expect(fromDry[59]).toBeLessThan(0.99);
      expect(fromDry[59]).toBeGreaterThan(0.5);
    },
  );

  test('what the wick draws is what the pot and the plant use', () => {
    const column = buildColumn(filled('wick-pot', 'pumice-3-6', 15), drinker);
    const state = createState(column);
    state.wetness.fill(0.8);
    const hours = monthHours(column, air(21, 50));
    const held = () => state.wetness.reduce((sum, wet, i) => sum + wet * column.capacityG[i]!, 0);
    const [waterBefore, reservoirBefore] = [held(), reservoirG(state)];
    for (let day = 0; day < 4; day += 1) for (const hour of hours) stepHour(column, hour, state);
    const used = evaporatedG(state) + takenUpG(state);
    expect(reservoirBefore - reservoirG(state)).toBeCloseTo(used + held() - waterBefore, 6);
  });

  test('a wick that has dried over an empty outer pot draws hardly anything at first', () => {
    const column = buildColumn(filled('wick-pot', 'pumice-3-6', 15), drinker);
    const drawn = (isDryWick: boolean): number => {
      const state = createState(column);
      state.wetness.fill(0.4);
      if (isDryWick) state.totals[7] = 0.1;
      const full = reservoirG(state);
      stepHour(column, monthHours(column, air(21, 50))[0]!, state);
      return full - reservoirG(state);
    };
    expect(drawn(true)).toBeLessThan(0.2 * drawn(false));
  });
});

describe('warmth of the root zone', () => {
  test('a large pot follows the air more slowly than a small one', () => {
    const way = (rim: number): number => {
      const column = buildColumn(filled('plastic-round', 'sphagnum-loose', rim), drinker);
      return monthHours(column, air(21, 50))[0]!.warmedPerHour;
    };
    expect(way(24)).toBeLessThan(way(8));
    expect(way(8)).toBeLessThan(1);
    expect(way(24)).toBeGreaterThan(0);
  });

  test('half a litre of wet medium in still air is half way in about half an hour to two hours', () => {
    // C/(hA): 1.5 kJ/K over 10 W/(m²·K) and 0.03 m² (common practice of heat transfer, no source).
    const column = buildColumn(filled('plastic-round', 'sphagnum-loose', 10), drinker);
    const { warmedPerHour } = monthHours(column, air(21, 50))[0]!;
    const halfHours = Math.log(2) / -Math.log(1 - warmedPerHour);
    expect(halfHours).toBeGreaterThan(0.4);
    expect(halfHours).toBeLessThan(2.5);
  });

  test('it lags behind when the night comes', () => {
    const place = constantPlace({ temperatureC: 25, relativeHumidityPct: 60, airflow: 'still room' });
    const month = monthDrying(
      { ...place, months: place.months.map((m) => ({ ...m, night: { ...m.night, temperatureC: 15 } })) },
      0,
    );
    const column = buildColumn(filled('plastic-round', 'bark-6-12', 21), drinker);
    const hours = monthHours(column, month);
    const dusk = hours.findIndex((hour, i) => i > 0 && hour.temperatureC < hours[i - 1]!.temperatureC);
    const state = createState(column);
    for (let hour = 0; hour <= dusk + 1; hour += 1) stepHour(column, hours[hour]!, state);
    expect(rootZoneC(state)).toBeGreaterThan(hours[dusk + 1]!.temperatureC + 0.5);
  });
});
