export * from './result';
export { placeFromEpw } from './import-epw';
export { placeFromLogger, type LoggerPlace } from './import-logger';
export { monthlyCsv, placeFromMonthly } from './monthly';
export { readPlaceFile, type FileAbout } from './read-file';
export { summarizePlace, type MonthSummary, type PlaceSummary } from './summary';
export { withHeatWave } from './heat-wave';
export { daylightHours } from './day-length';
export * from './heated-room';
