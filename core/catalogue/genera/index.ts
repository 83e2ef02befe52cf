export { generaCatalogue, genusById, genusIds } from './genera';
export {
  type DepthRule,
  type Genus,
  type GrowthHabit,
  growthHabits,
  hasBulbs,
  type LightClass,
  type Rest,
  runsOneWay,
} from './genus';
export { drawsPests, oldBulbsStayWrinkled } from './marks';
