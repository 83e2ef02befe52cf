export { encodingOf } from './encoding';
export { type DateOrder, type MomentReadings, readMoment } from './reading/moments';
export { epwFile, loggerCsv } from './export';
export { monthlyCsv } from './monthly';
export { openPlaceFile, readPlaceFile } from './reader';
export type {
  FileFaultAt,
  FileFaultFact,
  FileOrigin,
  ReadAs,
  ReadingChoices,
  ReadingFacts,
  ReadingQuestion,
  RemarkFact,
} from './reading/result';
export type { FileAbout, PlaceFileReader } from './reading/table-file';
