export { k as aftercareNumbers } from './constants';
export {
  type PseudobulbChange,
  pseudobulbChanges,
  type HoldState,
  holdStates,
  type JudgeAdvice,
  type Judgement,
  judgePotting,
  type JudgeVerdict,
} from './judge';
export { type AftercareKind, aftercareKinds, type AftercareStep, aftercareSteps, aftercareStepSchema } from './steps';
export { type FollowedPotting, type AftercareDone, type AftercareTask, aftercareTasks } from './tasks';
