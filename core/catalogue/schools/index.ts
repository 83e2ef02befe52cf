export {
  type School,
  schoolById,
  type SchoolChoices,
  type SchoolId,
  schoolIds,
  schools,
  type Stance,
  stanceOf,
} from './schools';
