export { celsiusToFahrenheit, CM_PER_INCH, cmToInch, fahrenheitToCelsius, inchToCm, type LengthUnit, mmToInch, type TemperatureUnit } from './convert';
export { type Fault, FaultError, faultLine, parseWith } from './faults';
export { memory, plain, type Plain, practice, type Provenance, provenanceLabel, type Sourced } from './provenance';
export { type QuantityName, rangeMessage, ranges } from './ranges';
