/** Thin air: less dense and more diffusive in proportion to its pressure (ideal gas). */
import { constantPlace, monthDrying } from '../places';
import { surfaceTransfer } from './airflow';
import { SEA_LEVEL_KPA } from './constants';
import { openSurfaceMmPerDay } from './demand';
import { pressureAtAltitudeKPa } from './psychrometrics';

test('pressure falls with altitude as in the standard atmosphere (ASHRAE Fundamentals 2017, ch. 1, table 1)', () => {
  expect(pressureAtAltitudeKPa(0)).toBeCloseTo(101.325, 3);
  expect(pressureAtAltitudeKPa(1000)).toBeCloseTo(89.875, 1);
  expect(pressureAtAltitudeKPa(2000)).toBeCloseTo(79.495, 1);
});

test('mass transfer grows, heat transfer falls as the root of the pressure (forced convection)', () => {
  const low = surfaceTransfer(2, 22, SEA_LEVEL_KPA);
  const high = surfaceTransfer(2, 22, SEA_LEVEL_KPA / 4);
  expect(high.massTransferMS / low.massTransferMS).toBeCloseTo(2, 1);
  expect(high.heatTransferWM2K).toBeLessThan(low.heatTransferWM2K);
});

test('the same air dries a wet surface faster up on a plateau, by some per cent for each kilometre', () => {
  const valley = constantPlace({ temperatureC: 22, relativeHumidityPct: 50, airflow: 'draught' });
  const at = (altitudeM: number) => openSurfaceMmPerDay(monthDrying({ ...valley, altitudeM }, 0).day);
  expect(at(1000)).toBeGreaterThan(at(0));
  expect(at(2500)).toBeGreaterThan(at(1000));
  expect(at(2500) / at(0)).toBeLessThan(1.25);
});
