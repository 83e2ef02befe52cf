import { surfaceTransfer } from './airflow';
import { dryingAir, openSurfaceMmPerDay } from './demand';
import {
  dewPointC,
  relativeHumidityAtPct,
  saturationVapourPressureKPa,
  vapourPressureDeficitKPa,
  wetBulbC,
} from './psychrometrics';

describe('saturation vapour pressure', () => {
  // FAO Irrigation and Drainage Paper 56, annex 2, table 2.3.
  test.each([
    [1, 0.657],
    [10, 1.228],
    [20, 2.338],
    [25, 3.168],
    [30, 4.243],
    [35, 5.624],
  ])('at %d °C is %d kPa (FAO-56 table 2.3)', (temperatureC, expectedKPa) => {
    expect(Math.abs(saturationVapourPressureKPa(temperatureC) - expectedKPa)).toBeLessThan(0.0045);
  });

  test('matches the ASHRAE library reference point at 25 °C', () => {
    expect(saturationVapourPressureKPa(25)).toBeCloseTo(3.16921647, 6);
  });
});

test('wet bulb at 25 °C and 50 % matches the ASHRAE library reference point', () => {
  expect(wetBulbC(25, 50)).toBeCloseTo(17.8894, 2);
});

test('FAO-56 example 5: actual vapour pressure from 25/18 °C and 82/54 % is 1.70 kPa', () => {
  const fromMin = saturationVapourPressureKPa(18) * 0.82;
  const fromMax = saturationVapourPressureKPa(25) * 0.54;
  expect((fromMin + fromMax) / 2).toBeCloseTo(1.7, 2);
});

test('dew point and vapour pressure deficit agree', () => {
  const dew = dewPointC(22, 45);
  const deficit = saturationVapourPressureKPa(22) - saturationVapourPressureKPa(dew);
  expect(deficit).toBeCloseTo(vapourPressureDeficitKPa(22, 45), 3);
});

test('warming air lowers its relative humidity and saturates when cooled under the dew point', () => {
  expect(relativeHumidityAtPct(5, 80, 21)).toBeLessThan(32);
  expect(relativeHumidityAtPct(20, 60, 5)).toBe(100);
});

describe('drying demand', () => {
  const room = dryingAir({ temperatureC: 22, relativeHumidityPct: 50, speedMS: 0.15, radiationWM2: 0 });

  test('an open wet surface in a still room at 22 °C, 50 % loses about 2-3 mm a day (common practice, no source)', () => {
    const mmPerDay = openSurfaceMmPerDay(room);
    expect(mmPerDay).toBeGreaterThan(1.8);
    expect(mmPerDay).toBeLessThan(3);
  });

  test('is zero in saturated air without light', () => {
    expect(
      openSurfaceMmPerDay(dryingAir({ temperatureC: 22, relativeHumidityPct: 100, speedMS: 1, radiationWM2: 0 })),
    ).toBeCloseTo(0, 9);
  });

  test('rises with wind, warmth and light', () => {
    const base = openSurfaceMmPerDay(room);
    expect(
      openSurfaceMmPerDay(dryingAir({ temperatureC: 22, relativeHumidityPct: 50, speedMS: 1, radiationWM2: 0 })),
    ).toBeGreaterThan(base);
    expect(
      openSurfaceMmPerDay(dryingAir({ temperatureC: 28, relativeHumidityPct: 50, speedMS: 0.15, radiationWM2: 0 })),
    ).toBeGreaterThan(base);
    expect(
      openSurfaceMmPerDay(dryingAir({ temperatureC: 22, relativeHumidityPct: 50, speedMS: 0.15, radiationWM2: 100 })),
    ).toBeGreaterThan(base);
  });

  test('the surface of a free wet body settles between air and wet bulb', () => {
    const air = dryingAir({ temperatureC: 25, relativeHumidityPct: 50, speedMS: 3, radiationWM2: 0 });
    const evaporationGM2S =
      air.vapourDeficitGM3 / (1 / air.massTransferMS + (air.slopeGM3K * 2450) / air.heatTransferWM2K);
    const surfaceC = 25 - (evaporationGM2S * 2450) / air.heatTransferWM2K;
    expect(surfaceC).toBeGreaterThan(wetBulbC(25, 50));
    expect(surfaceC).toBeLessThan(25);
  });
});

test('forced convection follows the flat-plate law Nu = 0.664 Re^0.5 Pr^1/3 (Incropera & DeWitt)', () => {
  // At 2 m/s over 0.12 m: Re = 15484, Nu = 73.7, h = 15.97 W/m²K; radiation adds about 5.6.
  const { heatTransferWM2K } = surfaceTransfer(2, 22);
  expect(heatTransferWM2K).toBeGreaterThan(20.8);
  expect(heatTransferWM2K).toBeLessThan(22.2);
});

/**
 * The balance of a wet surface solved by halving, not by a slope: what it gives off as vapour cools it until the air warms it as
 * fast (Penman 1948). Near saturation both must agree.
 */
test('evaporation from a wet surface is what its own balance of heat gives', () => {
  const [airC, latentJG] = [22, 2450];
  const air = dryingAir({ temperatureC: airC, relativeHumidityPct: 90, speedMS: 0.5, radiationWM2: 0 });
  // Vapour as an ideal gas, 461.5 J/(kg·K); g/m³.
  const density = (celsius: number) => (1e6 * saturationVapourPressureKPa(celsius)) / (461.5 * (celsius + 273.15));
  const vapourGM2S = (surfaceC: number) => air.massTransferMS * (density(surfaceC) - 0.9 * density(airC));
  let [cold, warm] = [airC - 10, airC];
  for (let n = 0; n < 60; n += 1) {
    const middle = (cold + warm) / 2;
    // Heat comes from above and below.
    const isTooCold = 2 * air.heatTransferWM2K * (airC - middle) > latentJG * vapourGM2S(middle);
    [cold, warm] = isTooCold ? [middle, warm] : [cold, middle];
  }
  const mmPerDay = (vapourGM2S(cold) * 86_400) / 1000;
  expect(Math.abs(openSurfaceMmPerDay(air) / mmPerDay - 1)).toBeLessThan(0.03);
});
