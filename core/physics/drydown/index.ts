export { columnForDays } from './column-for-days';
export { buildCoarseColumn, buildColumn, buildShownColumn, buildYearColumn } from './build';
export { type Column, rootZoneWater, type WetFoot, wetFootOf } from './column';
export {
  COVERED_SHARE,
  DAYS_PER_WEEK,
  k as modelFigures,
  DEFAULT_SOAK_MINUTES,
  HORIZON_DAYS,
  MISTING_G_M2,
} from './constants';
export {
  daysOf,
  type DryDown,
  dryDown,
  type DryingTime,
  dryingTime,
  dryingTimeByMonth,
  firstDryingTime,
  HOURS_PER_DAY,
  monthHours,
  wateredState,
} from './dry-down';
export { doubted, type ModelDoubt } from './doubt';
export { stepHour } from './hour';
export { hourClass, type HourClass } from './hour-class';
export { dailyThirstG, leafConductance, type LeafLight } from './leaves';
export { filledHeightCm } from './pot-column';
export { availableShare, drainedAir, rootZoneAir, totalWaterG } from './root-zone';
export { type Holiday, isAway, longestGapDays, type Manner, type Routine, wateringFor, wateringHours } from './routine';
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
  wettabilityAtFirst,
} from './setup';
export {
  cellWaterG,
  type ColumnState,
  createState,
  evaporatedG,
  reservoirG,
  rootZoneC,
  setThirst,
  standingG,
  takenUpG,
} from './state';
export {
  mistOf,
  rainOf,
  waterColumn,
  waterFromDry,
  type Watering,
  wateringOf,
  type WayToWater,
  waysToWater,
  wettedShare,
} from './watering';
