export { generaCatalogue, genusById, genusIds } from './genera';
export {
  type DepthRule,
  type Genus,
  type GrowthHabit,
  growthHabits,
  hasPseudobulbs,
  limeNeeds,
  type LightClass,
  type Rest,
  type RootHardiness,
  runsOneWay,
} from './genus';
export { type Trap, traps } from './traps';
