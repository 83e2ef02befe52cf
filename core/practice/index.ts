export { TOLERANCE } from './constants';
export { practiceCases } from './days';
export { allChecks, type CheckResult, practiceTable, runAllPractice } from './run';
