/** What leaves let out, beside published figures. */
import { dailyDemandG, leafConductance, type LeafLight } from './leaves';
import type { PlantWaterUse } from './setup';

const greenhouse: LeafLight = { lightWM2: 65, lightHours: 12 };
const MMOL = 1000;

test('Phalaenopsis at night: 10 to 30 mmol/(m²·s)', () => {
  // Night conductance of Phalaenopsis under growing light (source from memory).
  for (const kPa of [0.4, 0.7, 1, 1.4]) {
    const mmol = MMOL * leafConductance('CAM', false, greenhouse, kPa);
    expect(mmol).toBeGreaterThan(10);
    expect(mmol).toBeLessThan(36);
  }
});

test('slipper orchids by day: 20 to 80 mmol/(m²·s)', () => {
  // Assmann & Zeiger 1985 (source from memory).
  for (const kPa of [0.5, 1, 1.5]) {
    const mmol = MMOL * leafConductance('C3', true, { lightWM2: 50, lightHours: 12 }, kPa);
    expect(mmol).toBeGreaterThan(20);
    expect(mmol).toBeLessThan(80);
  }
});

test('a lit CAM leaf gives off less than 36 mol a day in any air, and about 6 to 36 in ordinary air', () => {
  // CO2 uptake of Phalaenopsis (Guo & Lee 2006) with Nobel's ratios of water to CO2: 12 to 36 (source from memory).
  const moles = (kPa: number) =>
    ([true, false] as const).reduce(
      (sum, isDay) => sum + (leafConductance('CAM', isDay, greenhouse, kPa) * kPa) / 101.3,
      0,
    ) *
    12 *
    3600;
  for (const kPa of [0.8, 1.2, 1.5]) expect(moles(kPa)).toBeGreaterThan(6);
  for (let kPa = 0.1; kPa < 8; kPa += 0.1) expect(moles(kPa)).toBeLessThan(36);
});

test('CAM leaves close above about 1.5 kPa: beyond it they give off less, not more', () => {
  const loss = (kPa: number) => kPa * leafConductance('CAM', false, greenhouse, kPa);
  expect(loss(1.4)).toBeGreaterThan(loss(0.7));
  expect(loss(3)).toBeLessThan(loss(1.5));
  expect(leafConductance('CAM', false, greenhouse, 1.5)).toBeCloseTo(
    leafConductance('CAM', false, greenhouse, 1e-6) / 2,
    3,
  );
});

test('the night follows the day before: a brighter, longer day opens them more, and summer is not below winter', () => {
  const summer: LeafLight = { lightWM2: 50, lightHours: 16 };
  const winter: LeafLight = { lightWM2: 15, lightHours: 9 };
  const night = (light: LeafLight) => leafConductance('CAM', false, light, 0.8) * (24 - light.lightHours);
  expect(night(summer)).toBeGreaterThan(night(winter));
  expect(night({ lightWM2: 0, lightHours: 9 })).toBeLessThan(0.1 * night(winter));
  // No jump where the night becomes short, nor where the light goes.
  let before = leafConductance('CAM', false, { lightWM2: 40, lightHours: 0 }, 0.8);
  for (let lightHours = 0.1; lightHours <= 23.9; lightHours += 0.1) {
    const now = leafConductance('CAM', false, { lightWM2: 40, lightHours }, 0.8);
    expect(Math.abs(now - before)).toBeLessThan(0.0025);
    before = now;
  }
});

test('demand goes with the leaves', () => {
  const plant: PlantWaterUse = { leafAreaCm2: 300, photosynthesis: 'CAM', rootVolumeL: 0.05, rootDiameterMm: 4 };
  expect(dailyDemandG({ ...plant, leafAreaCm2: 600 }, 0.9)).toBeCloseTo(2 * dailyDemandG(plant, 0.9), 12);
  expect(dailyDemandG(plant, 0.9)).toBeGreaterThan(1);
  expect(dailyDemandG(plant, 0.9)).toBeLessThan(10);
});
