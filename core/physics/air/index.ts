export { type AirflowClass, airflowClasses, airSpeedMS, airSpeeds } from './airflow';
export { DRY_HOME_PCT, LATENT_HEAT_J_G, SEA_LEVEL_KPA } from './constants';
export { drivingDeficitGM3, type DryingAir, dryingAir, openSurfaceMmPerDay, surfaceResistanceSM } from './demand';
export {
  dewPointC,
  pressureAtAltitudeKPa,
  relativeHumidityAtPct,
  relativeHumidityOfVapourPct,
  saturationVapourDensityGM3,
  vapourPressureDeficitKPa,
} from './psychrometrics';
export { sunGeometry } from './reference-evapotranspiration';
