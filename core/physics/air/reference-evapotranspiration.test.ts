import { saturationVapourPressureKPa } from './psychrometrics';
import {
  monthlySoilHeatMJ,
  pressureKPa,
  referenceEvapotranspirationMmDay,
  sunGeometry,
  windAt2mMS,
} from './reference-evapotranspiration';

describe('FAO-56 worked examples', () => {
  test('example 2: pressure at 1800 m is 81.8 kPa', () => {
    expect(pressureKPa(1800)).toBeCloseTo(81.8, 1);
  });

  test('example 8: 3 September at 20° S gives 32.2 MJ/m² outside the atmosphere', () => {
    expect(sunGeometry(-20, 246).extraterrestrialMJ).toBeCloseTo(32.2, 1);
  });

  test('example 9: the same day has 11.7 hours of daylight', () => {
    expect(sunGeometry(-20, 246).daylightHours).toBeCloseTo(11.7, 1);
  });

  test('example 14: 3.2 m/s at 10 m is 2.4 m/s at 2 m', () => {
    expect(windAt2mMS(3.2, 10)).toBeCloseTo(2.4, 1);
  });

  test('example 17: Bangkok, April: 5.72 mm a day', () => {
    const et0 = referenceEvapotranspirationMmDay({
      latitudeDeg: 13.733,
      altitudeM: 2,
      dayOfYear: 105,
      maxC: 34.8,
      minC: 25.6,
      vapourPressureKPa: 2.85,
      windMS: 2,
      sunshineHours: 8.5,
      soilHeatMJ: monthlySoilHeatMJ(30.2, 29.2),
    });
    expect(Math.abs(et0 - 5.72)).toBeLessThan(0.05);
  });

  test('example 18: Uccle, 6 July: 3.9 mm a day', () => {
    const vapourPressureKPa = (saturationVapourPressureKPa(12.3) * 0.84 + saturationVapourPressureKPa(21.5) * 0.63) / 2;
    const et0 = referenceEvapotranspirationMmDay({
      latitudeDeg: 50.8,
      altitudeM: 100,
      dayOfYear: 187,
      maxC: 21.5,
      minC: 12.3,
      vapourPressureKPa,
      windMS: windAt2mMS(2.78, 10),
      sunshineHours: 9.25,
    });
    expect(Math.abs(et0 - 3.9)).toBeLessThan(0.06);
  });
});
