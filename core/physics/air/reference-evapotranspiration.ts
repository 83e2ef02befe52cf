/**
 * Outdoor drying demand: the FAO Penman-Monteith reference evapotranspiration.
 * Source: Allen, Pereira, Raes & Smith 1998, FAO Irrigation and Drainage Paper 56; the equation
 * numbers below are theirs.
 */
import { k } from './constants';
import { saturationVapourPressureKPa } from './psychrometrics';

const SOLAR_CONSTANT_MJ_M2_MIN = 0.082;
const STEFAN_BOLTZMANN_MJ_K4_M2_DAY = 4.903e-9;

export interface DailyWeather {
  readonly latitudeDeg: number;
  readonly altitudeM: number;
  readonly dayOfYear: number;
  readonly maxC: number;
  readonly minC: number;
  /** Actual vapour pressure, kPa. */
  readonly vapourPressureKPa: number;
  /** Wind at 2 m, m/s. */
  readonly windMS: number;
  readonly sunshineHours: number;
  /** Heat stored in the ground, MJ/(m²·day); 0 for single days (eq. 42). */
  readonly soilHeatMJ?: number;
}

/** Wind at 2 m from wind at another height, m/s (eq. 47). */
export function windAt2mMS(windMS: number, heightM: number): number {
  return (windMS * 4.87) / Math.log(67.8 * heightM - 5.42);
}

/** Soil heat flux over a month, MJ/(m²·day), from this and the previous month's mean (eq. 44). */
export function monthlySoilHeatMJ(meanC: number, previousMeanC: number): number {
  return 0.14 * (meanC - previousMeanC);
}

/** Atmospheric pressure, kPa (eq. 7). */
export function pressureKPa(altitudeM: number): number {
  return 101.3 * ((293 - 0.0065 * altitudeM) / 293) ** 5.26;
}

interface SunGeometry {
  readonly extraterrestrialMJ: number;
  readonly daylightHours: number;
}

/** Extraterrestrial radiation, MJ/(m²·day), and daylight hours (eqs. 21-25, 34). */
export function sunGeometry(latitudeDeg: number, dayOfYear: number): SunGeometry {
  const latitude = (latitudeDeg * Math.PI) / 180;
  const yearAngle = (2 * Math.PI * dayOfYear) / 365;
  const inverseDistance = 1 + 0.033 * Math.cos(yearAngle);
  const declination = 0.409 * Math.sin(yearAngle - 1.39);
  const sunsetCosine = Math.min(1, Math.max(-1, -Math.tan(latitude) * Math.tan(declination)));
  const sunsetAngle = Math.acos(sunsetCosine);
  const extraterrestrialMJ =
    ((24 * 60) / Math.PI) *
    SOLAR_CONSTANT_MJ_M2_MIN *
    inverseDistance *
    (sunsetAngle * Math.sin(latitude) * Math.sin(declination) +
      Math.cos(latitude) * Math.cos(declination) * Math.sin(sunsetAngle));
  return { extraterrestrialMJ, daylightHours: (24 / Math.PI) * sunsetAngle };
}

/** Net radiation at a grass surface, MJ/(m²·day) (eqs. 35, 37-40). */
export function netRadiationMJ(weather: DailyWeather): number {
  const { extraterrestrialMJ, daylightHours } = sunGeometry(weather.latitudeDeg, weather.dayOfYear);
  const sunshineFraction = daylightHours > 0 ? Math.min(1, weather.sunshineHours / daylightHours) : 0;
  const solarMJ = (0.25 + 0.5 * sunshineFraction) * extraterrestrialMJ;
  const clearSkyMJ = (0.75 + 2e-5 * weather.altitudeM) * extraterrestrialMJ;
  const meanFourthPower = ((weather.maxC + k.KELVIN) ** 4 + (weather.minC + k.KELVIN) ** 4) / 2;
  const cloudiness = clearSkyMJ > 0 ? 1.35 * Math.min(1, solarMJ / clearSkyMJ) - 0.35 : 0.05;
  const longWaveMJ =
    STEFAN_BOLTZMANN_MJ_K4_M2_DAY * meanFourthPower * (0.34 - 0.14 * Math.sqrt(weather.vapourPressureKPa)) * cloudiness;
  return 0.77 * solarMJ - longWaveMJ;
}

/** Reference evapotranspiration, mm/day (eq. 6). */
export function referenceEvapotranspirationMmDay(weather: DailyWeather): number {
  const meanC = (weather.maxC + weather.minC) / 2;
  const meanSaturationKPa = (saturationVapourPressureKPa(weather.maxC) + saturationVapourPressureKPa(weather.minC)) / 2;
  const slope = (4098 * saturationVapourPressureKPa(meanC)) / (meanC + 237.3) ** 2;
  const psychrometricConstant = 0.665e-3 * pressureKPa(weather.altitudeM);
  const energyMJ = netRadiationMJ(weather) - (weather.soilHeatMJ ?? 0);
  const aerodynamic =
    psychrometricConstant * (900 / (meanC + 273)) * weather.windMS * (meanSaturationKPa - weather.vapourPressureKPa);
  return (0.408 * slope * energyMJ + aerodynamic) / (slope + psychrometricConstant * (1 + 0.34 * weather.windMS));
}
