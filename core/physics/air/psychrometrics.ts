/**
 * Moist air, by the ASHRAE psychrometrics library. This is the only file that touches the
 * library, because it keeps a global unit system which must be set exactly once.
 *
 * Source: ASHRAE Handbook, Fundamentals (2017), chapter 1, as implemented by psychrolib.
 */
import psychrolib from 'psychrolib';
import { k } from './constants';

psychrolib.SetUnitSystem(psychrolib.SI);

/** Saturation vapour pressure over water, kPa. */
export function saturationVapourPressureKPa(temperatureC: number): number {
  return psychrolib.GetSatVapPres(temperatureC) / 1000;
}

/** Vapour pressure deficit of air, kPa. */
export function vapourPressureDeficitKPa(temperatureC: number, relativeHumidityPct: number): number {
  return saturationVapourPressureKPa(temperatureC) * (1 - relativeHumidityPct / 100);
}

/** Saturation vapour density, g/m³, by the ideal gas law. */
export function saturationVapourDensityGM3(temperatureC: number): number {
  return saturationVapourPressureKPa(temperatureC) / (k.VAPOUR_GAS_CONSTANT_KPA_M3_G_K * (temperatureC + k.KELVIN));
}

/** Slope of the saturation vapour density with temperature, g/(m³·K), by central difference. */
export function vapourDensitySlopeGM3K(temperatureC: number): number {
  const halfStepC = 0.5;
  return saturationVapourDensityGM3(temperatureC + halfStepC) - saturationVapourDensityGM3(temperatureC - halfStepC);
}

/** Standard pressure at an altitude, kPa. */
export function pressureAtAltitudeKPa(altitudeM: number): number {
  return psychrolib.GetStandardAtmPressure(altitudeM) / 1000;
}

/** Thermodynamic wet-bulb temperature, °C. */
export function wetBulbC(temperatureC: number, relativeHumidityPct: number, altitudeM = 0): number {
  return psychrolib.GetTWetBulbFromRelHum(
    temperatureC,
    relativeHumidityPct / 100,
    psychrolib.GetStandardAtmPressure(altitudeM),
  );
}

/** Dew point, °C. */
export function dewPointC(temperatureC: number, relativeHumidityPct: number): number {
  return psychrolib.GetTDewPointFromRelHum(temperatureC, relativeHumidityPct / 100);
}

/** Relative humidity of the same air warmed or cooled to another temperature, % (at most 100). */
export function relativeHumidityAtPct(fromC: number, relativeHumidityPct: number, toC: number): number {
  const vapourPressureKPa = saturationVapourPressureKPa(fromC) * (relativeHumidityPct / 100);
  return Math.min(100, (100 * vapourPressureKPa) / saturationVapourPressureKPa(toC));
}

/** Relative humidity of air that holds the given vapour (g/m³) at a temperature, %; over 100 means fog. */
export function relativeHumidityOfVapourPct(vapourGM3: number, temperatureC: number): number {
  return (100 * vapourGM3) / saturationVapourDensityGM3(temperatureC);
}
