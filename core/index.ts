/** The public surface of the core. Screens, routes and the command line import from here. */
export { celsiusToFahrenheit, CM_PER_INCH, cmToInch, fahrenheitToCelsius, type Fault, FaultError, faultLine, inchToCm, mmToInch, parseWith, provenanceLabel, type Sourced } from './base';
export { type AirflowClass, airflowClasses } from './physics/air';
export { constantPlace, dryingPowerMmPerDay, firstDayOfMonth, heatedRoom, type MonthAir, monthDrying, monthOfDay, type Place, summarizePlace, yearDrying } from './physics/places';
export { airFilledPorosity, capacityBetween, containerCapacity, hydraulicsOf, hydraulicsOfAgedMix, MAX_MIX_PARTS, type MediumFigures, type Mix, type MixReport, nearestSieve, ORDINARY_CONDITIONS, type OwnMedium, type PieceShape, type PorosityRun, porosityTest, type PorosityTest, reportMix, settledHeightShare, sievesOf } from './physics/media';
export { coneDiameterCm, type Pot, widthAtCm } from './physics/pots';
export { buildColumn, type Column, createState, daysOf, type Drinker, type DryingTime, filledHeightCm, type HourClass, hourClass, layerBounds, type MonthShares, type MountedSetup, type PottedSetup, regimeFigures, simulateYear, stepHour, SURFACE_WET_ABOVE, totalWaterG, UPTAKE_FULL_ABOVE, type YearReport } from './physics/drydown';
export { mediaCatalogue, mediumById } from './catalogue/media';
export { makeMount, makePot, potKindById, vesselCatalogue } from './catalogue/vessels';
export { generaCatalogue, type Genus, genusById, genusIds, type GrowthHabit, growthHabits, hasBulbs } from './catalogue/genera';
export { demoPlaceById, demoPlaces } from './catalogue/places';
export { type School, type SchoolId, schools } from './catalogue/schools';
export { bulbStates, drydownCaseSchema, genusIdOf, genusOf, genusTraits, type LayerSpec, mixCaseSchema, type MixPartSpec, ownGenusSchema, ownMediumSchema, type OwnPot, ownPotSchema, placeSchema, type PlanCase, planCaseSchema, type PlantInHand, plantStates, potOf, realise, realiseMix, resolveCase, type SetupSpec, setupSpecSchema, specId, tuneCaseSchema, typicalRootMm, whatIfCaseSchema, whatIfSchema } from './case';
export { epwFile, faultText, loggerCsv, monthlyCsv, type PlaceReading, readPlaceFile } from './place-files';
export { runAllPractice } from './practice';
export { byFit, contextOf, factsOf, layerVolumesL, topDressings } from './decide/setups';
export type { RuledOut } from './decide/choice';
export { type AftercareStep, type ChangeOver, makePlan, makeRecipe, type Placement, type PlanAnswer, type RecipeLine, reviewSetup, type SetupAnswer, type SetupCosts, type SetupReview } from './advise';
export { baseOf, changedSpec, compareSides, compareWetFoot, cornersAt, mossShareOf, type SchoolComparison, type Sensitivity, sensitivityOf, type SetupCurve, setupCurve, type Top, tops, tuneToRoutine, type Tuning, type Turn, turnsOf, type WhatIf, whatIf, type WhatIfAnswer } from './explore';
