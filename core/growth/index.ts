export { growthClock, type GrowthClock, type GrowingConditions, paceByRoots, paceInLight, steadyClock } from './clock';
export { LIVES, SEED, spreadByHabit } from './constants';
export { type Forecast, forecastOf, type GrowthQuestion, type PlacementYears } from './forecast';
export { type Creep, type Future, futuresOf } from './futures';
export {
  aboutBall,
  leadingHeadingDeg,
  type Lead,
  type MappedPlant,
  type Point,
  type PlantPlacement,
  placedAt,
} from './map';
export { leadsUsually, type PatternOf, plantByPattern, type Runs, runs } from './patterns';
export { type GrowthInPot, growthInPot, type Rim, type StaysInside, shownYears } from './in-pot';
export { type DatedMap, type MeasuredFigure, type MeasuredPace, measuredPaceOf, shootsSince } from './measured-pace';
export type { PlacementKind } from './position';
export { tipsAfter } from './traces';
export { withALead } from './with-a-lead';
export { type Stride, strideOf } from './stride';
