export { type ColourTrap, colourTrapsFor } from './colour-traps';
export { conditionSeen, withInspection } from './facts';
export {
  type Inspection,
  inspectionSchema,
  inspectionVersions,
  type PestKind,
  pestKinds,
  type ReasonToInspect,
  reasonsToInspect,
  type SeasonSeen,
  seasonsSeen,
  type SheathState,
  sheathStates,
  type Smell,
  smells,
  type Squeeze,
  squeezes,
} from './inspection';
export { inspectQuestionSchema } from './question';
export {
  type InspectionStep,
  inspectionSteps,
  type InspectedThing,
  thingsInspected,
  skippedSteps,
  stepsFor,
} from './steps';
export { type KnownLife, type PlantToday, plantToday } from './today';
export { type ToDo, toDoAfter } from './to-do';
