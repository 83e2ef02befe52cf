export { k as nursingNumbers } from './constants';
export {
  type BulbChange,
  bulbChanges,
  type HoldState,
  holdStates,
  type JudgeAdvice,
  type Judgement,
  judgePotting,
  type JudgeVerdict,
} from './judge';
export { type NursingKind, nursingKinds, type NursingStep, nursingSteps, nursingStepSchema } from './steps';
export { type Nursed, type NursedOn, type NursingTask, nursingTasks } from './tasks';
