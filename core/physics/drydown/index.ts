export { buildCoarseColumn, buildColumn } from './build';
export type { Column } from './column';
export { COVERED_SHARE, DAYS_PER_WEEK, HORIZON_DAYS, SURFACE_WET_ABOVE, UPTAKE_FULL_ABOVE } from './constants';
export { daysOf, type DryDown, dryDown, type DryingTime, dryingTime, dryingTimeByMonth } from './dry-down';
export { hourClass, type HourClass, leafConductances } from './hour-class';
export { createState, stepHour } from './hour';
export { filledHeightCm } from './pot-column';
export { type MoistureRegime, moistureRegimes, regimeFigures, type RegimeFigures, regimes } from './regime';
export { rootZoneAir, totalWaterG } from './root-zone';
export { type Holiday, longestGapDays, type Routine } from './routine';
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
