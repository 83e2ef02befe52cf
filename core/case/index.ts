export { LIVE_USUALLY } from './constants';
export { type LeadDirection, leadDirections } from './lead-directions';
export { genusTraits, growersGenusSchema } from './genus-schema';
export { isPastItsLife, type MediumCondition, mediumConditions } from './medium-condition';
export { mixCaseSchema } from './mix-case';
export { growersMediumSchema, type GrowersPot, growersPotSchema } from './growers-schema';
export { placeById } from './place-by-id';
export { placeOrIdSchema, placeSchema, timeAwaySchema } from './place-schema';
export { describedRoom, homeTownSchema, roomAnswersSchema } from './room-schema';
export { dislikable, type Disliked, type PlanCase, type Wanted, wantable } from './plan-case';
export { type WaterKind, waterKinds } from './water';
export {
  type PseudobulbState,
  pseudobulbStates,
  waterUseOf,
  isAsleep,
  isRotting,
  isWaking,
  growsOneWay,
  isFailing,
  shedsLeaves,
  type PlantInHand,
  needsOf,
  plantWeightG,
  typicalRootBallCm,
  typicalRootMm,
} from './plant';
export { dayIn, listOf, momentIn, oneOf, quantity, textOf, upTo, wholeQuantity, yesOrNo } from './quantities';
export { plantsOnMap, shootsOn } from './growth-map';
export { type GrowthMapSaid, growthMapSchema } from './growth-map-schema';
export { widthTogether } from './width-together';
export { questionSchemas } from './questions';
export { genusIdOf, genusOf, resolveCase, type ResolvedCase } from './resolve';
export { restMonthsOf } from './rest-months';
export { mixPartSchema, setupSpecSchema } from './setup-schema';
export {
  type PlainSign,
  plainSigns,
  shootStates,
  signsOf,
  type ShootState,
  showsShoot,
  showsTips,
  type Signs,
  tipStates,
  type TipState,
  tipsUnknown,
} from './signs';
export {
  type Approach,
  type LayerSpec,
  isSideBySide,
  mainLayer,
  mediumOfPart,
  type MixPartSpec,
  potOf,
  type PotSpec,
  realise,
  realiseMix,
  type SetupSpec,
  specId,
} from './setup-spec';
export { isToBeRooted, type PlantStage, plantStages } from './stage';
export { questionVersions, readQuestion, versioned } from './versions';
export { whatIfSchema } from './what-if-case';
