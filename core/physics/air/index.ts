export { type AirflowClass, airflowClasses, airSpeedMS, SEA_LEVEL_KPA } from './airflow';
export { DRY_HOME_PCT } from './constants';
export {
  drivingDeficitGM3,
  dryingAir,
  type DryingAir,
  LATENT_HEAT_J_G,
  openSurfaceMmPerDay,
  surfaceResistanceSM,
} from './demand';
export {
  dewPointC,
  pressureAtAltitudeKPa,
  relativeHumidityAtPct,
  relativeHumidityOfVapourPct,
  saturationVapourDensityGM3,
  vapourPressureDeficitKPa,
} from './psychrometrics';
export { sunGeometry } from './reference-evapotranspiration';
