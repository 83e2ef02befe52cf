export { k as nursingNumbers } from './constants';
export { type NursingKind, nursingKinds, type NursingStep, nursingSteps, nursingStepSchema } from './steps';
export { type Nursed, type NursedOn, type NursingTask, nursingTasks } from './tasks';
