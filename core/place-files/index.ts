export { epwFile, loggerCsv } from './export';
export { monthlyCsv } from './monthly';
export { readPlaceFile } from './read-file';
export type { FileFaultAt, FileFaultFact, FileOrigin, ReadingFacts, RemarkFact } from './result';
