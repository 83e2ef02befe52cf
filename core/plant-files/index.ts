export { guardedCell } from './cells';
export { type ListField, listFields, plain } from './columns';
export { kindOf, type KindMatch } from './kinds';
export { type MediumMatch, mediumOf } from './media';
export {
  type ListChoices,
  type ListColumn,
  type ListPlant,
  type PlantTable,
  type PlantTableRead,
  readPlantTable,
  type ReadName,
} from './read';
