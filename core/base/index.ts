export {
  byChoice,
  byDefinition,
  type Constant,
  type ConstantTable,
  fromMemory,
  fromPractice,
  fromSource,
  numbersOf,
  setOn,
} from './constants';
export {
  celsiusToFahrenheit,
  CM_PER_INCH,
  cmToInch,
  fahrenheitToCelsius,
  inchToCm,
  type LengthUnit,
  mmToInch,
  type TemperatureUnit,
} from './convert';
export { FIRST_DAY, LAST_DAY, dayNumber, dayOf, monthAt, monthIndexOf, nextMonth } from './days';
export { type FaultAt, faultCode, FaultError, type FaultFact } from './fault-facts';
export { type Checked, checkWith, faultsOf } from './faults';
export {
  commonPractice,
  memory,
  plain,
  type Plain,
  practice,
  type Provenance,
  provenanceLabel,
  type Sourced,
} from './provenance';
export { type QuantityName, ranges } from './ranges';
export { round1, roundHalf } from './rounding';
export { meanOf, medianOf, normalDensity, normalShareBelow, upperMedianOf, upperMedianOfCounts } from './statistics';
export { FIRST_VERSION, upgraded, type Versions } from './versions';
export { grouped } from './grouped';
export { lazily } from './lazily';
export { plainWords } from './plain-words';
export {
  DAYS_PER_COMMON_YEAR,
  DAYS_PER_WEEK,
  DAYS_PER_YEAR,
  HOURS_PER_DAY,
  MINUTES_PER_HOUR,
  MONTHS_PER_YEAR,
  MS_PER_DAY,
  MS_PER_HOUR,
  MS_PER_MINUTE,
  MS_PER_SECOND,
  SECONDS_PER_DAY,
  SECONDS_PER_HOUR,
} from './time';
