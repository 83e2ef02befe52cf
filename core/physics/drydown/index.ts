export { buildCoarseColumn, buildColumn } from './build';
export type { Column } from './column';
export { SURFACE_WET_ABOVE, UPTAKE_FULL_ABOVE } from './constants';
export {
  daysOf,
  dryDown,
  type DryDown,
  dryingTime,
  type DryingTime,
  dryingTimeByMonth,
  HORIZON_DAYS,
} from './dry-down';
export { type HourClass, hourClass } from './hour-class';
export { createState, stepHour } from './hour';
export { COVERED_SHARE } from './mount-column';
export { filledHeightCm } from './pot-column';
export { type MoistureRegime, moistureRegimes, regimeFigures, type RegimeFigures } from './regime';
export { rootZoneAir, totalWaterG } from './root-zone';
export { DAYS_PER_WEEK, type Holiday, longestGapDays, type Routine } from './routine';
export {
  type Drinker,
  hydraulicsOfLayer,
  type Layer,
  layerBounds,
  type LayerRole,
  type MountedSetup,
  type Photosynthesis,
  type PottedSetup,
  type Setup,
} from './setup';
export { type MonthShares, sampleComfort, simulateYear, type YearReport } from './year';
