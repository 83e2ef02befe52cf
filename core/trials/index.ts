export { measureKinds, type TrialMeasure, trialMeasures } from './measures';
export { type Trial, trialSchema } from './trial-schema';
export { type TrialEvent, trialValue } from './values';
export { differenceSeen, plantsForMeans, plantsForShares } from './size';
export { type Compared, compareTrial, type Side, type TrialVerdict } from './verdict';
