export {
  afterRest,
  dayNeedOf,
  firstNeed,
  type Need,
  type NeedKind,
  needKinds,
  repotNeeds,
  needsOf,
  type Seen,
  type PlantState,
  type Sureness,
  sureness,
  urgencyOf,
} from './needs';
export { type Outlook, outlookOf, outlookSchema, roughOutlook } from './outlook';
export { type Felt, feltWhenWatering, type Finding, nextWatering, plantFactorOf } from './watering';
