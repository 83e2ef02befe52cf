export { answerLine } from './answer-line';
export type { WordedAftercare } from './aftercare';
export type { ChangeOver } from './change-over';
export { type Difference, type WhatIfAnswer, wordDifferences, wordWhatIf } from './compare';
export { clockText, type DayAnswer, minutesText, spanText, stepNames, wordDay, type WordedDayPlant } from './day';
export { dayWords, needName, wordNeed } from './due';
export { type Fault, faultLine, faultMessage, faultsIn, parseWith, wordFault } from './faults';
export {
  cm,
  days,
  litres,
  lowerFirst,
  metricWords,
  mm,
  mmRange,
  monthNames,
  number,
  percent,
  priceText,
  temperature,
  type WordUnits,
  years,
} from './phrasing/format';
export { genusStory } from './genus';
export { fileFaultLine, type FileQuestion, heatedRoomWords, type PlaceReading, wordReading } from './place-files';
export { placeMark, wordPlaceFit } from './place-fit';
export { type PlanAnswer, type RuledOut, type SetupAnswer, type SetupReview, wordPlan, wordReview } from './plan';

export { type Sensitivity, wordSensitivity } from './sensitivity';
export { daysText, daysWithCause, monthMark } from './stress';
export { type SchoolComparison, wordSides } from './sides';
export { gradeText, kindName, layerText, setupTitle, titleOf, vesselText } from './phrasing/titles';
export {
  pseudobulbWords,
  conditionWords,
  liveRootsWords,
  inspectedLabels,
  mediumNowWords,
  NO_PESTS,
  pestWords,
  reasonToInspectWords,
  rotWords,
  seasonWords,
  type SeenLine,
  sheathWords,
  shootWords,
  smellWords,
  squeezeWords,
  tipWords,
  wordInspection,
} from './inspection';
export { wordColourTrap, wordToDo } from './to-do';
export { wordMeasuredPace } from './measured-pace';
export { wordSignWatch } from './timing';
export { pseudobulbChangeWords, holdWords, wordJudgement } from './judge';
export { aftercareNames, aftercareSentence } from './aftercare-tasks';
export { inspectedName, wordUninspected } from './uninspected';
export { stockAmountText, thingText } from './stock';
export { trapSentences } from './traps';
export { measured, measureNames, TRIAL_ASSUMES, trialSentence } from './trials';
export { type Tuning, wordTuning } from './tune';
export { type Turn, wordTurn } from './turns';
export { wordFinding } from './rules/sentences';
