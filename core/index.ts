/** The public surface of the core. Screens, routes and the command line import from here. */
export { celsiusToFahrenheit, checkWith, CM_PER_INCH, cmToInch, fahrenheitToCelsius, type FaultAt, faultCode, FaultError, inchToCm, mmToInch, provenanceLabel, type Sourced, upgraded, type Versions } from './base';
export { type AirflowClass, airflowClasses } from './physics/air';
export { constantPlace, dryingPowerMmPerDay, firstDayOfMonth, heatedRoom, type MonthAir, monthDrying, monthOfDay, ORDINARY_HEATING, type Place, summarizePlace, yearDrying } from './physics/places';
export { airFilledPorosity, capacityBetween, containerCapacity, hydraulicsOf, hydraulicsOfAgedMix, MAX_MIX_PARTS, type MediumFigures, type Mix, type MixReport, nearestSieve, ORDINARY_CONDITIONS, type OwnMedium, type PieceShape, type PorosityRun, type PorosityTest, porosityTest, reportMix, settledHeightShare, sievesOf } from './physics/media';
export { coneDiameterCm, type Pot, widthAtCm } from './physics/pots';
export { buildColumn, type Column, createState, daysOf, type Drinker, type DryingTime, filledHeightCm, HORIZON_DAYS, hourClass, type HourClass, layerBounds, type MonthShares, type MountedSetup, type PottedSetup, regimeFigures, simulateYear, stepHour, SURFACE_WET_ABOVE, totalWaterG, UPTAKE_FULL_ABOVE, type YearReport } from './physics/drydown';
export { mediaCatalogue, mediumById } from './catalogue/media';
export { makeMount, makePot, potKindById, vesselCatalogue } from './catalogue/vessels';
export { generaCatalogue, type Genus, genusById, genusIds, type GrowthHabit, growthHabits, hasBulbs } from './catalogue/genera';
export { demoPlaces } from './catalogue/places';
export { type School, type SchoolId, schools } from './catalogue/schools';
export { bulbStates, genusIdOf, genusOf, genusTraits, type LayerSpec, mixCaseSchema, type MixPartSpec, ownGenusSchema, ownMediumSchema, type OwnPot, ownPotSchema, placeIn, placeSchema, type PlanCase, type PlantInHand, plantStates, potOf, questionSchemas, questionVersions, readQuestion, realise, realiseMix, resolveCase, type SetupSpec, setupSpecSchema, specId, textOf, typicalRootMm, whatIfSchemaFor } from './case';
export { epwFile, loggerCsv, monthlyCsv, readPlaceFile } from './place-files';
export { runAllPractice } from './practice';
export { byFit, contextOf, factsOf, layerVolumesL, topDressings } from './decide/setups';
export { makePlan, makeRecipe, type Placement, placementOf, type PlanFacts, type ReviewFacts, reviewSetup, type SetupCosts } from './advise';
export { baseOf, changedSpec, compareSides, compareWetFoot, cornersAt, mossShareOf, type SensitivityFacts, sensitivityOf, setupCurve, type SetupCurve, type SidesFacts, type Top, tops, tuneToRoutine, type TuningFacts, type TurnFact, turnsOf, whatIf, type WhatIf, type WhatIfFacts } from './explore';
