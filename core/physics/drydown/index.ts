/**
 * How will it dry? `setup.ts` what is computed · `mesh.ts` where to cut · `pot-column.ts`, `mount-column.ts` cells · `hour-class.ts` one kind
 * of hour as conductances · `leaves.ts` the plant's demand · `hour.ts` the hot loop over `state.ts` · `lanes.ts` a cell's figures side by side ·
 * `watering.ts` what goes in · `wick.ts` what a reservoir gives · `reservoir-time.ts` how long · `dry-down.ts` one watering to the next · `routine.ts` when and how ·
 * `root-zone.ts` readings · `doubt.ts` the same with the model off.
 */
export { columnForDays } from './column-for-days';
export { buildCoarseColumn, buildColumn, buildShownColumn, buildYearColumn } from './build';
export { type Column, rootZoneWater, type WetFoot, wetFootOf } from './column';
export { k as modelFigures, DEFAULT_SOAK_MINUTES, MISTING_G_M2 } from './constants';
export {
  type DryDown,
  dryDown,
  dryingTime,
  dryingTimeByMonth,
  firstDryingTime,
  monthHours,
  wateredState,
} from './dry-down';
export { doubted, type ModelDoubt } from './doubt';
export { stepHour } from './hour';
export { hourClass, type HourClass } from './hour-class';
export { dailyDemandG, leafConductance, type LeafLight } from './leaves';
export { daysOf, type DryingTime } from './drying-time';
export { HORIZON_DAYS } from './drying-time-constants';
export { filledHeightCm, layerBounds, layerVolumesL } from './layers';
export { COVERED_SHARE } from './layers-constants';
export { reservoirTimeDays } from './reservoir-time';
export { availableShare, drainedAir, rootZoneAir, totalWaterG } from './root-zone';
export { type Holiday, isAway, longestGapDays, type Manner, type Routine, wateringFor, wateringHours } from './routine';
export {
  type PlantWaterUse,
  hydraulicsOfLayer,
  type Layer,
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
  setDemand,
  pondedG,
  takenUpG,
} from './state';
export { mistOf, rainOf, waterColumn, waterFromDry, type Watering, wateringOf, wettedShare } from './watering';
export { type WayToWater, waysToWater } from './ways-to-water';
