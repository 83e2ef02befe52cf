export { generaCatalogue, genusById, genusIds } from './genera';
export { type DepthRule, type Genus, type GrowthHabit, growthHabits, hasBulbs, runsOneWay } from './genus';
export { drawsPests, oldBulbsStayWrinkled } from './marks';
