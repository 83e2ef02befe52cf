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
  plural,
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
export {
  gradeText,
  kindName,
  layerText,
  mixName,
  mixText,
  pieceSizeWord,
  setupTitle,
  titleOf,
  vesselText,
} from './phrasing/titles';
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
export {
  answeredAnew,
  aspectWords,
  collectionLine,
  exampleRemoved,
  heatingWords,
  inOrOn,
  lampWords,
  noSuchTown,
  placeSavedForBench,
  readingLine,
  roomKindWords,
  roomMonthLine,
  roomNote,
  roomOriginLine,
  shadeWords,
  townInWords,
  usualRoomName,
} from './screens/rooms';
export { mostPhotographs, noPhotograph } from './screens/photographs';
export {
  unreadableSaved,
  serverAnswered,
  broughtBackTitle,
  putAwayTitle,
  manyDeleted,
  manyBroughtBack,
  deleteSome,
  deleteThese,
  placeChangedTitle,
  inspectionTitle,
  pottingCorrectedTitle,
  planTitle,
  plantFactsTitle,
  plantAddedTitle,
  intoStockTitle,
  outOfStock,
  trialPutAway,
  pottingChangedMeanwhile,
  plantChangedMeanwhile,
  placeChangedMeanwhile,
  factsSaved,
  factIsNow,
  plantIsOnRecord,
  noKindSaid,
  shootsRange,
  yearsInMediumRange,
  entrySaved,
  entryChangedMeanwhile,
  entryCorrected,
  entryPutAway,
  fieldMissing,
  keptForTheBench,
  factsChangedMeanwhile,
  fieldRange,
} from './screens/saving';
export {
  growthMover,
  growthFromAbove,
  shootsFromAbove,
  shootName,
  piecesBesideRoots,
  waterOnMount,
  wetFoot,
  shortenedPlant,
  habitToScale,
  rootsBesidePieces,
  tubToScale,
  shootsByYear,
} from './screens/drawing';
export {
  isPotted,
  keptInLogOf,
  untilDay,
  outOfMedium,
  assumedAnswers,
  airAfterWatering,
  saltCrust,
  saltsByLayer,
  wettestAndDriest,
  setupsStopped,
  andMore,
  withoutPrice,
  takenAsUsual,
  onWatchList,
  ofTheYear,
  keptWith,
  correctPottingOf,
  wateredEvery,
  lifeOf,
  growthNote,
  yearsLess,
  aboutYearsInside,
  moreThanYearsInside,
  putDown,
  monthInWords,
  monthsOld,
  workOfTheYear,
  speciesDiffersHint,
  unknownOrchid,
} from './screens/bench';
export {
  plannedForDate,
  readingPlants,
  someArePotted,
  allPotted,
  nothingPlanned,
  intoTheWaterAt,
  leaveForAnotherDay,
  pottingDayOn,
  stillToSend,
  hasNewAnswer,
  foundOtherwise,
  pottedAndLogged,
  plantIsInHand,
} from './screens/day';
export { alsoHere, measuredMedium, gradeOfBag } from './screens/library';
export {
  fileTooLarge,
  hereAlready,
  intakeText,
  placesToSettle,
  takeInPlants,
  plantsOnRecord,
  kindsToCheck,
  knownKinds,
  whichDay,
  textInLine,
  someAndMore,
} from './screens/files';
export {
  settledBy,
  wantsItAfter,
  ofAboutYears,
  plannedFor,
  signNotYet,
  bestShown,
  asPartOf,
  byYourFinger,
  inMediumFor,
  sinceInIt,
} from './screens/plants';
export { hardnessDose, feedInWords, blendRange } from './screens/solutions';
export { withoutUnpriced, littleLeft, ofBagBought } from './screens/stock';
export {
  usuallyLasts,
  soundSoFar,
  hardAsIn,
  inTwoWeeks,
  wasFor,
  putOffUntil,
  whatYouFound,
  checkOnDay,
  workingAhead,
} from './screens/today';
export {
  eachAgainstEach,
  meanOfSide,
  noneInspected,
  tellsFrom,
  onlyShows,
  trialIsEnough,
  trialTakes,
  sideOf,
  spreadLabel,
  mattersLabel,
} from './screens/trials';
export {
  nowUntil,
  lateSince,
  dividedFrom,
  feltNotWatered,
  movedFromTo,
  notNow,
  partTakenOff,
  treatedAgainst,
  wateredBy,
  wateredFelt,
} from './screens/journal';
export { curveText, mountText, potText } from './screens/drawing-aloud';
export { dueText } from './screens/month-due';
export {
  awayText,
  handsRecordText,
  handsText,
  mediumNowText,
  plantHealthText,
  plantSizeText,
  potsText,
  rootsText,
  wateringText,
  waterText,
} from './said-case';
export {
  baseWords,
  flowerKindWords,
  leafKindWords,
  rootKindWords,
  spacingWords,
  sureWords,
} from './screens/identification';
export { wordPieceRule, wordShares } from './division';
export { weekdayNames } from './screens/weekdays';
export { needsTwoPlaces, whereNowWords, timeAwayLine, usualAwayName } from './screens/time-away';
