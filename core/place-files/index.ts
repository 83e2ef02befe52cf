export { epwFile, loggerCsv } from './export';
export { monthlyCsv } from './monthly';
export { readPlaceFile } from './read-file';
export { faultText, type PlaceReading } from './result';
