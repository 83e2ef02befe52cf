export { casesTable } from './table';
export { missedIn, reportOf, runCase, workedCases } from './run';
export { findingsOf } from './meets';
